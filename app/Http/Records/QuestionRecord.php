<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Reading\Question;

/** What is asked of a table that is read with doubt: its two likeliest readings. */
final readonly class QuestionRecord
{
    /**
     * @param  int  $first  rows that it is about, from the first
     * @param  int  $last  to the last
     * @param  list<AnswerRecord>  $answers  as it is read, then the second choice
     */
    public function __construct(public string $words, public int $first, public int $last, public array $answers)
    {
    }

    public static function of(?Question $question): ?self
    {
        return $question === null ? null : new self(
            $question->words(), $question->runs[0]->first, $question->runs[count($question->runs) - 1]->last, [
                AnswerRecord::of($question->asReadWords(), $question->asRead()),
                AnswerRecord::of($question->otherwiseWords(), $question->otherwise()),
            ],
        );
    }
}
