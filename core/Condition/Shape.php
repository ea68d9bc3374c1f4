<?php

declare(strict_types=1);

namespace Rilvet\Condition;

/** Marks, drawn so that each is told by its shape alone; on a square of 12 by 12 units, filled by the even-odd rule. */
enum Shape: string
{
    case Up = 'up';
    case Rising = 'rising';
    case Level = 'level';
    case Falling = 'falling';
    case Down = 'down';
    case Disc = 'disc';
    case Triangle = 'triangle';
    case Diamond = 'diamond';
    case Square = 'square';
    case Flag = 'flag';
    case HalfFlag = 'halfFlag';
    case Pole = 'pole';
    case Tick = 'tick';
    case Bang = 'bang';
    case Cross = 'cross';
    case Dash = 'dash';
    case Quarter0 = 'quarter0';
    case Quarter1 = 'quarter1';
    case Quarter2 = 'quarter2';
    case Quarter3 = 'quarter3';
    case Quarter4 = 'quarter4';
    case Steps0 = 'steps0';
    case Steps1 = 'steps1';
    case Steps2 = 'steps2';
    case Steps3 = 'steps3';
    case Steps4 = 'steps4';
    case Star0 = 'star0';
    case Star1 = 'star1';
    case Star2 = 'star2';

    public function words(): string
    {
        return match ($this) {
            self::Up => 'points up', self::Rising => 'rises', self::Level => 'stays', self::Falling => 'falls', self::Down => 'points down',
            self::HalfFlag => 'half flag', self::Pole => 'no flag', self::Bang => 'call', self::Quarter0 => 'ring',
            self::Quarter1 => 'a quarter',
            self::Quarter2 => 'a half', self::Quarter3 => 'three quarters', self::Quarter4 => 'full', self::Steps0 => 'no step',
            self::Steps1 => 'one step', self::Steps2 => 'two steps', self::Steps3 => 'three steps', self::Steps4 => 'four steps',
            self::Star0 => 'star outline', self::Star1 => 'half a star', self::Star2 => 'star',
            default => $this->value,
        };
    }

    /** What its outline is, as a path of SVG. */
    public function path(): string
    {
        $steps = function (int $count): string {
            $path = '';
            foreach ([0, 1, 2, 3] as $step) {
                [$x, $height] = [0.5 + $step * 2.9, 3 + $step * 2.5];
                $y = 11.5 - $height;
                $path .= "M$x {$y}h2.2v{$height}h-2.2z";
                if ($step >= $count) {
                    [$x, $y, $height] = [$x + 0.6, $y + 0.6, $height - 1.2];
                    $path .= "M$x {$y}v{$height}h1v-{$height}z";
                }
            }

            return $path;
        };
        $ring = 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11zM6 1.7a4.3 4.3 0 1 0 0 8.6a4.3 4.3 0 1 0 0-8.6z';
        $star = 'M6 .4l1.75 3.6l3.95.55l-2.87 2.77l.7 3.93l-3.53-1.87l-3.53 1.87l.7-3.93l-2.87-2.77l3.95-.55z';
        $hollow = 'M6 2.7l-1 2.1l-2.3.33l1.67 1.6l-.4 2.3l2.03-1.1l2.03 1.1l-.4-2.3l1.67-1.6l-2.3-.33z';

        return match ($this) {
            self::Up => 'M6 .8l5 5.4h-3v5h-4v-5h-3z',
            self::Down => 'M6 11.2l-5-5.4h3v-5h4v5h3z',
            self::Level => 'M11.2 6l-5.4 5v-3h-5v-4h5v-3z',
            self::Rising => 'M10.6 1.4v6.9l-2.1-2.1l-4.9 4.9l-2.6-2.6l4.9-4.9l-2.2-2.2z',
            self::Falling => 'M10.6 10.6h-6.9l2.2-2.2l-4.9-4.9l2.6-2.6l4.9 4.9l2.1-2.1z',
            self::Disc => 'M6 .7a5.3 5.3 0 1 1 0 10.6a5.3 5.3 0 1 1 0-10.6z',
            self::Triangle => 'M6 .9l5.6 10.2h-11.2z',
            self::Diamond => 'M6 .3l5.7 5.7l-5.7 5.7l-5.7-5.7z',
            self::Square => 'M1 1h10v10h-10z',
            self::Flag => 'M2 .6h1.4v10.8h-1.4zM4 1h7l-2.2 2.8l2.2 2.8h-7z',
            self::HalfFlag => 'M2 .6h1.4v10.8h-1.4zM4 1h7l-2.2 2.8h-4.8z',
            self::Pole => 'M2 .6h1.4v10.8h-1.4zM4 1h7l-2.2 2.8l2.2 2.8h-7zM4.9 1.9v3.8h4.4l-1.6-1.9l1.6-1.9z',
            self::Tick => 'M1 6.6l1.8-1.8l2.2 2.2l4.4-5.2l1.9 1.6l-6.1 7.4z',
            self::Bang => 'M4.8.6h2.4l-.4 7h-1.6zM4.9 9h2.2v2.3h-2.2z',
            self::Cross => 'M2.4.9l3.6 3.6l3.6-3.6l1.5 1.5l-3.6 3.6l3.6 3.6l-1.5 1.5l-3.6-3.6l-3.6 3.6l-1.5-1.5l3.6-3.6l-3.6-3.6z',
            self::Dash => 'M1 4.6h10v2.8h-10z',
            self::Quarter0 => $ring,
            self::Quarter1 => $ring.'M6 2.2a3.8 3.8 0 0 1 3.8 3.8h-3.8z',
            self::Quarter2 => $ring.'M6 2.2a3.8 3.8 0 0 1 0 7.6z',
            self::Quarter3 => $ring.'M6 2.2a3.8 3.8 0 1 1-3.8 3.8h3.8z',
            self::Quarter4 => 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11z',
            self::Steps0 => $steps(0),
            self::Steps1 => $steps(1),
            self::Steps2 => $steps(2),
            self::Steps3 => $steps(3),
            self::Steps4 => $steps(4),
            self::Star0 => $star.$hollow,
            self::Star1 => $star.'M6 2.7l1 2.1l2.3.33l-1.67 1.6l.4 2.3l-2.03-1.1z',
            self::Star2 => $star,
        };
    }
}
