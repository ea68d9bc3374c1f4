<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only to this server's own host name and origin: a page from elsewhere, or a name rebound to this machine, gets 403. */
final class OwnHostOnly
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        /** @var list<string> $hosts */
        $hosts = config('rilvet.hosts');
        $origin = $request->headers->get('Origin');
        $foreign =
            ! in_array($request->headers->get('Host'), $hosts, true) ||
            ($origin !== null && ! in_array(preg_replace('#^https?://#', '', $origin), $hosts, true)) ||
            (in_array($request->headers->get('Sec-Fetch-Site'), ['cross-site', 'same-site'], true) &&
                ($request->getMethod() !== 'GET' || $request->is('api/*')));
        if ($foreign) {
            return response()->json(['message' => 'This server answers only to pages of its own.'], 403);
        }
        $response = $next($request);
        $response->headers->set(
            'Content-Security-Policy',
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; frame-ancestors 'none'; "
            ."base-uri 'none'; form-action 'self'",
        );
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'no-referrer');
        $response->headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        $response->headers->remove('X-Powered-By');
        header_remove('X-Powered-By');

        return $response;
    }
}
