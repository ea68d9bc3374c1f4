<?php

declare(strict_types=1);

namespace App\Http;

use App\Wire\Wiring;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use ReflectionClass;
use ReflectionMethod;

/** The reference of the HTTP API, as Markdown, from the routes, the controllers and the acts themselves. */
final readonly class Reference
{
    public function __construct(private Router $router)
    {
    }

    public function markdown(): string
    {
        $text =
            "# The API\n\nWritten from the code by `php artisan rilvet:types`; a test keeps the two the same. All addresses begin with "
            ."`/api/`. Answers are JSON, in\n".
            'the types of `resources/js/api/types.ts`. What is wrong is answered with 4xx and `{"message": ...}`; a step that '
            ."collides with\n".
            "somebody else's with 409 and the newest `revision`. Requests that change something carry the cookie `XSRF-TOKEN` "
            ."(of `token`) as the\n".
            "header `X-XSRF-TOKEN`, and may name themselves in `X-Step`: a step of one name is done once, however often it is asked for,\n".
            "and a file sent under one name comes in once.\n";
        $text .= "\n## Addresses\n\n| method | address | what it does |\n| --- | --- | --- |\n";
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $text .= '| '.$route->methods()[0].' | `'.substr($route->uri(), 4).'` | '.self::said($route)." |\n";
            }
        }
        $text .=
            "\n## Acts\n\n`POST workbooks/{id}/acts` with `{\"act\": name, \"arguments\": {...}, \"sheet\": number in view, "
            ."\"revision\": the one that was seen, \"sight\": {...}}`;\n".
            'with `"preview": true` nothing is kept. `sight` names what the answer is to bring along: `windows` (top, left, bottom, '
            ."right of each),\n".
            "`ranges`, `row` and `column` of the selection, `number` and `figures` where those are shown.\n";
        $text .= self::table(Wiring::ACTS);
        $text .=
            "\n## Changes of a stylebook\n\nThe same, with `\"scope\": \"everywhere\"` among the arguments: they go to the stylebook of "
            ."the sheet in view, wherever it is worn.\n";

        return $text.self::table(Wiring::REVISIONS);
    }

    /** @param  list<class-string>  $classes */
    private static function table(array $classes): string
    {
        $text = "\n| act | arguments | what it does |\n| --- | --- | --- |\n";
        foreach ($classes as $class) {
            $reflection = new ReflectionClass($class);
            [$name, $arguments] = [$reflection->getConstant('NAME'), $reflection->getConstant('ARGUMENTS')];
            assert(is_string($name) && is_string($arguments));
            $text .=
                "| `$name` | `".
                str_replace('|', '\|', $arguments).
                '` | '.
                self::firstWords((string) $reflection->getDocComment()).
                " |\n";
        }

        return $text;
    }

    private static function said(Route $route): string
    {
        $action = $route->getActionName();
        [$class, $method] = explode('@', $action) + [1 => '__invoke'];
        if (! class_exists($class) || ! method_exists($class, $method)) {
            return '';
        }

        return self::firstWords((string) (new ReflectionMethod($class, $method))->getDocComment());
    }

    /** The first paragraph of a doc comment, on one line. */
    private static function firstWords(string $comment): string
    {
        $text = (string) preg_replace(['~^/\*\*\s*|\s*\*/$~', '~^\s*\*[ ]?~m'], '', $comment);
        $first = preg_split('/\n\s*\n|\n@|^@/', $text)[0] ?? '';

        return trim((string) preg_replace(['/\{@see \\\\?([\w\\\\]+)(?:::\w+\(\))?\}/', '/\s+/'], ['`$1`', ' '], $first));
    }
}
