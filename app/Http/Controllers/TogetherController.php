<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Wire\ActIsWrong;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;

final class TogetherController
{
    /** Looks in one request at most, and bytes of each. */
    private const READS = 40;

    private const BYTES = 4_000;

    public function __construct(private readonly Router $router, private readonly ExceptionHandler $faults, private readonly Bench $bench)
    {
    }

    /**
     * What is asked for in one moment, in one request: `read[]` are addresses below the workbook. The answer has a line of JSON for
     * each, as soon as it is known: `at` (its place, from 0), `status` and `body`.
     */
    public function read(Request $request, int $id): StreamedResponse
    {
        $reads = $request->query('read');
        if (! is_array($reads) || $reads === [] || count($reads) > self::READS) {
            throw ActIsWrong::argument('read', 'a list of 1 to '.self::READS.' addresses');
        }
        foreach ($reads as $read) {
            if (! is_string($read) || strlen($read) > self::BYTES || preg_match('~^sheets/\d+/|^conditions\b~', $read) !== 1) {
                throw ActIsWrong::argument('read', 'addresses of what is seen of a sheet');
            }
        }
        /** @var list<string> $reads */
        $reads = array_values($reads);

        return response()->stream(fn () => $this->bench->looking(function () use ($request, $id, $reads) {
            foreach ($reads as $at => $read) {
                $answer = $this->answer($request, "/api/workbooks/$id/$read");
                // Within texts ends of lines are written as signs: what is left of them is layout.
                $body = $answer instanceof JsonResponse ? str_replace("\n", '', (string) $answer->getContent()) : 'null';
                echo '{"at":', $at, ',"status":', $answer->getStatusCode(), ',"body":', $body, "}\n";
                ob_get_level() === 0 || ob_flush();
                flush();
            }
            app()->instance('request', $request);
        }), 200, ['Content-Type' => 'application/x-ndjson']);
    }

    private function answer(Request $request, string $path): Response
    {
        $one = Request::create($path, 'GET', server: $request->server->all());
        try {
            $route = $this->router->getRoutes()->match($one);
            $one->setRouteResolver(fn () => $route);
            app()->instance('request', $one);
            $answer = Router::toResponse($one, $route->run());

            return $answer instanceof JsonResponse ? $answer : response()->json(['message' => 'That is no look at a sheet.'], 422);
        } catch (Throwable $fault) {
            $this->faults->report($fault);

            return $this->faults->render($one, $fault);
        }
    }
}
