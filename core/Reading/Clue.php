<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** What makes a reading of rows surer or less sure, beside the ground it was read by. Weights as in {@see Ground}, from the same fit. */
enum Clue: string
{
    case BodyOfWords = 'nothing but words in the body';
    case BodyWithoutHeadings = 'body without headings above';
    case WordsWithoutHeadings = 'nothing but words, and no headings above';
    case ShortBody = 'a body of few rows';
    case GapsInBody = 'a body of figures with many blanks';
    case HeadWithGaps = 'headings with blanks';
    case ShortHead = 'headings over few rows';
    case SumAmongGaps = 'a sum in a table with blanks or strays';
    case LabelByChance = 'a label alone, as chance may leave one';
    case LabelNotByChance = 'a label alone, where hardly a cell is blank else';
    case LabelBeforeSum = 'labels alone, each before rows that are summed';
    case LabelBesideOne = 'a label alone beside one other column';
    case LineWithoutHeadings = 'a line above a table without headings';
    case Strong = 'bold or filled, unlike the rows below';

    public function weight(): float
    {
        return match ($this) {
            self::BodyOfWords => -1.1,
            self::BodyWithoutHeadings => -1.4,
            self::WordsWithoutHeadings => -1.0,
            self::ShortBody => -1.2,
            self::GapsInBody => -2.2,
            self::HeadWithGaps => -2.6,
            self::ShortHead => -0.8,
            self::SumAmongGaps => -0.4,
            self::LabelByChance => -0.8,
            self::LabelNotByChance => 1.6,
            self::LabelBeforeSum => 1.8,
            self::LabelBesideOne => -1.5,
            self::LineWithoutHeadings => -2.5,
            self::Strong => 1.0,
        };
    }
}
