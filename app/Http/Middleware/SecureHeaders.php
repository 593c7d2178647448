<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A strict content security policy, no inline script and no eval, and pages that no cache keeps. */
final class SecureHeaders
{
    /** Bootstrap's own CSS holds data: images, hence img-src. */
    private const POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; "
        ."frame-ancestors 'none'";

    /** What a page may ask of a device: to keep its screen awake, and to play. */
    private const PERMISSIONS = 'camera=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self), autoplay=(self)';

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        // a film is played from the device that has it, and goes nowhere
        $film = $request->routeIs('films.index', 'films.show') ? '; media-src blob:' : '';
        $response->headers->set('Content-Security-Policy', self::POLICY.$film);
        // a clicker is heard where its timing is practiced, and nowhere else
        $response->headers->set('Permissions-Policy', self::PERMISSIONS.($request->routeIs('timing.*') ? '' : ', microphone=()'));
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        // pages of whoever is signed in are seen by nobody else; those that are open to whoever has their address are not to be found
        if (! Auth::hasUser()) {
            $response->headers->set('X-Robots-Tag', 'noindex, nofollow');
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('Cache-Control', 'no-store, private');

        return $response;
    }
}
