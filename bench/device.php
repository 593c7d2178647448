<?php

declare(strict_types=1);

/** What a device needs to write to a running instance, for the benches that drive one. */

/** The token that the cookies of this connection hold; empty before the first answer. */
function xsrfToken(CurlHandle $curl): string
{
    $token = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $line) {
        $cookie = explode("\t", $line);
        $token = $cookie[5] === 'XSRF-TOKEN' ? urldecode($cookie[6]) : $token;
    }

    return $token;
}

/** A version 4 UUID. @param  string  $bytes  eighteen of them */
function uuidOf(string $bytes): string
{
    return vsprintf('%s%s-%s-4%.3s-a%.3s-%s%s%s', str_split(bin2hex($bytes), 4));
}
