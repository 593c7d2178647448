<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\PlanReader;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Item;
use App\Models\Person;
use App\Models\Place;
use App\Models\Role;
use App\Models\UnplacedTrial;
use App\Models\User;
use Core\Ladder\LadderData;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/**
 * Every route × role × practice. Each cell is the status a request answers; a route that is not in the table fails.
 *
 * Columns: owner, trainer, helper, guardian of the dog, guardian of another dog, owner of another practice, nobody.
 */
#[CoversNothing]
final class RouteAccessTest extends TestCase
{
    use RefreshDatabase;

    private const WHO = ['owner', 'trainer', 'helper', 'guardian', 'other guardian', 'stranger', 'nobody'];

    private const TABLE = [
        'GET health' => [200, 200, 200, 200, 200, 200, 200],
        // on the machine itself
        'GET server' => [200, 200, 200, 200, 200, 200, 200],
        'GET metrics' => [200, 200, 200, 200, 200, 200, 200],
        'GET up' => [200, 200, 200, 200, 200, 200, 200],
        'GET sign-in' => [302, 302, 302, 302, 302, 302, 200],
        'POST sign-in' => [302, 302, 302, 302, 302, 302, 302],
        'GET sign-in/code' => [302, 302, 302, 302, 302, 302, 302],
        'POST sign-in/code' => [302, 302, 302, 302, 302, 302, 302],
        'GET password' => [302, 302, 302, 302, 302, 302, 200],
        'POST password' => [302, 302, 302, 302, 302, 302, 302],
        'GET password/{token}' => [302, 302, 302, 302, 302, 302, 200],
        'POST password/{token}' => [302, 302, 302, 302, 302, 302, 200],
        'GET invitations/{token}' => [302, 302, 302, 302, 302, 302, 200],
        'POST invitations/{token}' => [302, 302, 302, 302, 302, 302, 200],
        'GET set-up/{token}' => [302, 302, 302, 302, 302, 302, 200],
        'POST set-up/{token}' => [302, 302, 302, 302, 302, 302, 200],
        'GET account' => [200, 200, 200, 200, 200, 200, 302],
        'PUT account' => [302, 302, 302, 302, 302, 302, 302],
        'PUT account/password' => [302, 302, 302, 302, 302, 302, 302],
        'POST account/second-factor' => [302, 302, 302, 302, 302, 302, 302],
        'PUT account/second-factor' => [302, 302, 302, 302, 302, 302, 302],
        'DELETE account/second-factor' => [302, 302, 302, 302, 302, 302, 302],
        'DELETE account/devices' => [302, 302, 302, 302, 302, 302, 302],
        'DELETE account/devices/{device}' => [302, 302, 302, 302, 302, 302, 302],
        'GET practice' => [200, 403, 403, 403, 403, 200, 302],
        'PUT practice' => [302, 403, 403, 403, 403, 302, 302],
        'PUT practice/own-priors' => [302, 403, 403, 403, 403, 302, 302],
        'DELETE practice/own-priors' => [302, 403, 403, 403, 403, 302, 302],
        'GET find' => [200, 200, 200, 200, 200, 200, 302],
        'GET trail' => [200, 403, 403, 403, 403, 200, 302],
        'GET people' => [200, 200, 403, 403, 403, 200, 302],
        'GET week' => [200, 200, 200, 200, 200, 200, 302],
        'POST week' => [302, 302, 403, 403, 403, 302, 302],
        'GET day' => [200, 200, 200, 200, 200, 200, 302],
        'GET month' => [200, 200, 200, 200, 200, 200, 302],
        'POST appointments' => [302, 302, 403, 403, 403, 302, 302],
        'GET appointments/{appointment}' => [200, 200, 404, 200, 404, 404, 302],
        'PUT appointments/{appointment}' => [302, 302, 404, 403, 404, 404, 302],
        'DELETE appointments/{appointment}' => [302, 302, 404, 403, 404, 404, 302],
        'GET appointments/{appointment}/file.ics' => [200, 200, 404, 200, 404, 404, 302],
        'GET plans/{plan}/week' => [200, 200, 403, 403, 404, 404, 302],
        'PUT plans/{plan}/week' => [302, 302, 403, 403, 404, 404, 302],
        'GET people/{person}/hours' => [200, 200, 403, 403, 403, 404, 302],
        'PUT people/{person}/hours' => [302, 302, 403, 403, 403, 404, 302],
        'GET places/{place}/hours' => [200, 200, 403, 403, 404, 404, 302],
        'PUT places/{place}/hours' => [302, 302, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/hours' => [200, 200, 403, 403, 404, 404, 302],
        'PUT dogs/{dog}/hours' => [302, 302, 403, 403, 404, 404, 302],
        'GET practice/hours' => [200, 403, 403, 403, 403, 200, 302],
        'PUT practice/hours' => [302, 403, 403, 403, 403, 302, 302],
        'POST practice/closed-days' => [302, 403, 403, 403, 403, 302, 302],
        'DELETE practice/closed-days/{closed}' => [302, 403, 403, 403, 403, 404, 302],
        'GET people/{person}/calendar' => [200, 200, 404, 404, 404, 404, 302],
        'POST people/{person}/calendar' => [302, 302, 404, 404, 404, 404, 302],
        'PUT people/{person}/calendar' => [302, 302, 404, 404, 404, 404, 302],
        'DELETE people/{person}/calendar' => [302, 302, 404, 404, 404, 404, 302],
        'POST people/{person}/busy-times' => [302, 302, 404, 404, 404, 404, 302],
        'PUT calendar-feeds/{feed}' => [302, 302, 404, 404, 404, 404, 302],
        'DELETE calendar-feeds/{feed}' => [302, 302, 404, 404, 404, 404, 302],
        'GET calendar/{token}.ics' => [410, 410, 410, 410, 410, 410, 410],
        'GET people/create' => [200, 200, 403, 403, 403, 200, 302],
        'POST people' => [302, 302, 403, 403, 403, 302, 302],
        'GET people/{person}' => [200, 200, 403, 403, 403, 404, 302],
        'PUT people/{person}' => [302, 302, 403, 403, 403, 404, 302],
        'POST people/{person}/archive' => [302, 302, 403, 403, 403, 404, 302],
        'DELETE people/{person}/archive' => [302, 302, 403, 403, 403, 404, 302],
        'POST people/{person}/invitation' => [404, 403, 403, 403, 403, 404, 302],
        'DELETE people/{person}/invitation' => [302, 403, 403, 403, 403, 404, 302],
        'PUT people/{person}/sign-in' => [302, 403, 403, 403, 403, 404, 302],
        'DELETE people/{person}/sign-in' => [302, 403, 403, 403, 403, 404, 302],
        'POST people/{person}/sign-in' => [302, 403, 403, 403, 403, 404, 302],
        'POST people/{person}/dogs' => [302, 403, 403, 403, 403, 404, 302],
        'GET people/{person}/data' => [200, 403, 403, 403, 403, 404, 302],
        'DELETE people/{person}/data' => [302, 403, 403, 403, 403, 404, 302],
        'GET clients' => [200, 200, 403, 403, 403, 200, 302],
        'GET clients/create' => [200, 200, 403, 403, 403, 200, 302],
        'POST clients' => [302, 302, 403, 403, 403, 302, 302],
        'GET clients/{client}' => [200, 200, 403, 403, 403, 404, 302],
        'PUT clients/{client}' => [302, 302, 403, 403, 403, 404, 302],
        'POST clients/{client}/archive' => [302, 302, 403, 403, 403, 404, 302],
        'DELETE clients/{client}/archive' => [302, 302, 403, 403, 403, 404, 302],
        'DELETE clients/{client}/data' => [302, 403, 403, 403, 403, 404, 302],
        'GET places' => [200, 200, 200, 200, 200, 200, 302],
        'GET places/create' => [200, 200, 403, 403, 403, 200, 302],
        'POST places' => [302, 302, 403, 403, 403, 302, 302],
        'GET places/{place}' => [200, 200, 200, 200, 404, 404, 302],
        'PUT places/{place}' => [302, 302, 403, 403, 404, 404, 302],
        'POST places/{place}/archive' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE places/{place}/archive' => [302, 302, 403, 403, 404, 404, 302],
        'GET photos/{photo}' => [200, 200, 200, 200, 404, 404, 302],
        'DELETE photos/{photo}' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/photo' => [302, 302, 403, 403, 404, 404, 302],
        'POST places/{place}/photo' => [302, 302, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/edit' => [200, 200, 403, 403, 404, 404, 302],
        'PUT dogs/{dog}' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/archive' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE dogs/{dog}/archive' => [302, 302, 403, 403, 404, 404, 302],
        'PUT dogs/{dog}/trainer' => [302, 302, 403, 403, 404, 404, 302],
        'POST sign-out' => [302, 302, 302, 302, 302, 302, 302],
        'GET settings' => [200, 200, 200, 200, 200, 200, 302],
        'PUT settings' => [302, 302, 302, 302, 302, 302, 302],
        'PUT settings/practice' => [302, 403, 403, 403, 403, 302, 302],
        'GET /' => [200, 200, 200, 200, 200, 200, 302],
        'GET help' => [200, 200, 200, 200, 200, 200, 302],
        'GET plans/{plan}/what-if' => [200, 200, 403, 403, 404, 404, 302],
        'POST plans/{plan}/what-if' => [404, 404, 403, 403, 404, 404, 302],
        'GET futures/{future}/progress' => [200, 200, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/films' => [200, 200, 200, 200, 404, 404, 302],
        'POST dogs/{dog}/films' => [302, 302, 403, 302, 404, 404, 302],
        'GET films/{film}' => [200, 200, 200, 200, 404, 404, 302],
        // two have graded it
        'POST films/{film}/record' => [403, 403, 403, 403, 404, 404, 302],
        'POST films/{film}/finish' => [403, 403, 403, 403, 404, 404, 302],
        'POST films/{film}/file' => [403, 403, 403, 403, 404, 404, 302],
        'PUT films/{film}/session' => [403, 403, 403, 403, 404, 404, 302],
        'GET films/{film}/session' => [200, 200, 200, 200, 404, 404, 302],
        'POST films/{film}/session' => [302, 302, 302, 302, 404, 404, 302],
        'GET films/{film}/records/{record}.{format}' => [200, 200, 200, 200, 404, 404, 302],
        'GET films/{film}/agreement' => [200, 200, 403, 200, 404, 404, 302],
        'POST films/{film}/agreement' => [302, 302, 403, 302, 404, 404, 302],
        'GET yard' => [200, 200, 200, 200, 200, 200, 302],
        'POST yard' => [302, 302, 302, 302, 302, 302, 302],
        'GET yard/{visit}' => [404, 404, 404, 404, 404, 404, 302],
        'POST yard/{visit}/acts' => [404, 404, 404, 404, 404, 404, 302],
        'POST yard/{visit}/end' => [404, 404, 404, 404, 404, 404, 302],
        'POST yard/{visit}/retry' => [404, 404, 404, 404, 404, 404, 302],
        'GET timing' => [200, 200, 200, 200, 200, 200, 302],
        'GET timing/device' => [200, 200, 200, 200, 200, 200, 302],
        'POST timing/device' => [302, 302, 302, 302, 302, 302, 302],
        'PUT timing/sharing' => [302, 302, 302, 302, 302, 302, 302],
        'GET timing/of/{user}' => [404, 404, 404, 404, 404, 404, 302],
        'POST timing/rounds' => [302, 302, 302, 302, 302, 302, 302],
        'GET timing/rounds/{round}' => [404, 404, 404, 404, 404, 404, 302],
        'POST timing/rounds/{round}/taps' => [404, 404, 404, 404, 404, 404, 302],
        'GET dogs' => [200, 200, 200, 200, 200, 200, 302],
        'GET dogs/create' => [200, 200, 403, 403, 403, 200, 302],
        'POST dogs' => [302, 302, 403, 403, 403, 302, 302],
        'GET dogs/from-file' => [200, 200, 403, 403, 403, 200, 302],
        'POST dogs/from-file' => [302, 302, 403, 403, 403, 302, 302],
        'GET dogs/{dog}/file' => [200, 200, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/file' => [200, 200, 403, 403, 404, 404, 302],
        'GET dogs/{dog}' => [200, 200, 200, 200, 404, 404, 302],
        'GET dogs/{dog}/plans/create' => [200, 200, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/plans' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/plans/{plan}/restore' => [404, 404, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/intake' => [200, 200, 403, 403, 404, 404, 302],
        'PUT dogs/{dog}/intake' => [302, 302, 403, 403, 404, 404, 302],
        'GET helper/{token}' => [410, 410, 410, 410, 410, 410, 410],
        'GET helper/{token}/word' => [410, 410, 410, 410, 410, 410, 410],
        'POST helper/{token}/passes' => [410, 410, 410, 410, 410, 410, 410],
        'GET sessions/{session}/helper' => [200, 200, 200, 200, 404, 404, 302],
        'POST sessions/{session}/helper' => [302, 302, 302, 302, 404, 404, 302],
        'GET sessions/{session}/helper/word' => [200, 200, 200, 200, 404, 404, 302],
        'PUT sessions/{session}/helper/word' => [302, 302, 302, 302, 404, 404, 302],
        'GET home/{token}' => [410, 410, 410, 410, 410, 410, 410],
        'POST home/{token}/entries' => [410, 410, 410, 410, 410, 410, 410],
        'GET home/{token}/manifest.webmanifest' => [410, 410, 410, 410, 410, 410, 410],
        'GET dogs/{dog}/home' => [200, 200, 200, 200, 404, 404, 302],
        'POST dogs/{dog}/home/entries' => [302, 302, 302, 302, 404, 404, 302],
        'GET dogs/{dog}/homework' => [200, 200, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/homework/create' => [200, 200, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/homework' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/homework/seen' => [302, 302, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/homework/sheet' => [200, 200, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/homework/paper' => [200, 200, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/homework/paper' => [302, 302, 403, 403, 404, 404, 302],
        'GET api/v1/openapi.json' => [200, 200, 200, 200, 200, 200, 200],
        'GET api/v1' => [401, 401, 401, 401, 401, 401, 401],
        'GET api/v1/{resource}' => [401, 401, 401, 401, 401, 401, 401],
        'GET api/v1/sessions/{session}' => [401, 401, 401, 401, 401, 401, 401],
        'POST api/v1/sessions/{session}/entries' => [401, 401, 401, 401, 401, 401, 401],
        'POST api/v1/dogs/{dog}/home-entries' => [401, 401, 401, 401, 401, 401, 401],
        'GET archives' => [200, 403, 403, 403, 403, 200, 302],
        'POST archives' => [302, 403, 403, 403, 403, 302, 302],
        'GET archives/{archive}' => [404, 403, 403, 403, 403, 404, 302],
        'GET archives/{archive}/progress' => [200, 403, 403, 403, 403, 404, 302],
        'GET lists/{resource}/{format}' => [200, 200, 403, 403, 403, 200, 302],
        'GET programs' => [200, 200, 403, 403, 403, 200, 302],
        'POST programs' => [302, 302, 403, 403, 403, 302, 302],
        'DELETE programs/{token}' => [302, 404, 404, 404, 404, 404, 302],
        'GET imports' => [200, 200, 403, 403, 403, 200, 302],
        'POST imports' => [302, 302, 403, 403, 403, 302, 302],
        'GET imports/{import}' => [200, 200, 403, 403, 403, 404, 302],
        'PUT imports/{import}' => [302, 302, 403, 403, 403, 404, 302],
        'DELETE imports/{import}/matching' => [302, 302, 403, 403, 403, 404, 302],
        'GET imports/{import}/progress' => [200, 200, 403, 403, 403, 404, 302],
        'GET imports/{import}/problems.csv' => [200, 200, 403, 403, 403, 404, 302],
        'POST imports/{import}/rows' => [302, 302, 403, 403, 403, 404, 302],
        'DELETE imports/{import}/rows' => [302, 302, 403, 403, 403, 404, 302],
        'GET dogs/{dog}/log.csv' => [200, 200, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/reports' => [200, 200, 200, 200, 404, 404, 302],
        'GET dogs/{dog}/reports/{kind}' => [200, 200, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/reports/{kind}' => [302, 302, 403, 403, 404, 404, 302],
        'GET reports/{report}' => [200, 200, 403, 403, 404, 404, 302],
        'GET reports/{report}/progress' => [200, 200, 403, 403, 404, 404, 302],
        'GET reports/{report}/pdf' => [404, 404, 403, 403, 404, 404, 302],
        'POST reports/{report}/pdf' => [302, 302, 403, 403, 404, 404, 302],
        'POST reports/{report}/links' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE report-links/{link}' => [302, 302, 403, 403, 404, 404, 302],
        'GET report/{token}' => [410, 410, 410, 410, 410, 410, 410],
        'GET report/{token}/file.pdf' => [410, 410, 410, 410, 410, 410, 410],
        'POST dogs/{dog}/home-links' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE home-links/{link}' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/messages' => [302, 302, 403, 403, 404, 404, 302],
        'GET homework/{homework}/class' => [200, 200, 403, 403, 404, 404, 302],
        'GET homework/{homework}/sheets' => [200, 200, 403, 403, 404, 404, 302],
        'POST homework/{homework}/open' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE homework/{homework}' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE home-reps/{rep}' => [302, 302, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/health' => [200, 200, 403, 200, 404, 404, 302],
        'POST dogs/{dog}/health' => [302, 302, 403, 302, 404, 404, 302],
        'PUT health-entries/{entry}' => [302, 302, 403, 302, 404, 404, 302],
        'DELETE health-entries/{entry}' => [302, 302, 403, 302, 404, 404, 302],
        'GET dogs/{dog}/kit' => [200, 200, 200, 200, 404, 404, 302],
        'GET events/create' => [200, 200, 200, 200, 200, 200, 302],
        'POST events' => [302, 302, 302, 302, 404, 404, 302],
        'GET dogs/{dog}/incidents/create' => [200, 200, 200, 200, 404, 404, 302],
        'POST dogs/{dog}/incidents' => [302, 302, 302, 302, 404, 404, 302],
        'GET incidents/{incident}' => [200, 200, 200, 200, 404, 404, 302],
        'GET dogs/{dog}/handling' => [200, 200, 200, 200, 404, 404, 302],
        'PUT dogs/{dog}/areas/{area}/{side}' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/limits' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE limits/{limit}' => [302, 302, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/coverage' => [200, 200, 200, 200, 404, 404, 302],
        'POST dogs/{dog}/items' => [302, 302, 403, 403, 404, 404, 302],
        'GET items/{item}' => [200, 200, 200, 200, 404, 404, 302],
        'PUT items/{item}' => [302, 302, 403, 302, 404, 404, 302],
        'POST items/{item}/wearings' => [302, 302, 403, 302, 404, 404, 302],
        'POST dogs/{dog}/triggers' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/skills' => [302, 302, 403, 302, 404, 404, 302],
        'POST dogs/{dog}/agreements' => [302, 302, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/cautions' => [302, 302, 302, 302, 404, 404, 302],
        'GET dogs/{dog}/orders/{kind}/{dimension}' => [200, 200, 403, 403, 404, 404, 302],
        'PUT dogs/{dog}/orders/{kind}/{dimension}' => [302, 302, 403, 403, 404, 404, 302],
        'GET dogs/{dog}/assessments/create' => [200, 200, 403, 403, 404, 404, 302],
        'POST dogs/{dog}/assessments' => [302, 302, 403, 403, 404, 404, 302],
        'GET assessments/{assessment}' => [200, 200, 403, 403, 404, 404, 302],
        'GET places/{place}/sketch' => [200, 200, 200, 200, 404, 404, 302],
        'GET places/{place}/sketch/numbers' => [302, 302, 302, 302, 404, 404, 302],
        'PUT places/{place}/sketch' => [302, 302, 403, 403, 404, 404, 302],
        'GET plans/{plan}/sound' => [404, 404, 403, 403, 404, 404, 302],
        'PUT plans/{plan}/sound' => [404, 404, 404, 404, 404, 404, 302],
        'POST meter/{session}' => [401, 401, 401, 401, 401, 401, 401],
        'GET meter/{session}' => [403, 403, 403, 403, 403, 403, 403],
        'GET plans/{plan}/limits' => [200, 200, 200, 200, 404, 404, 302],
        'GET plans/{plan}/ladder' => [200, 200, 403, 403, 404, 404, 302],
        'POST plans/{plan}/ladder' => [200, 200, 403, 403, 404, 404, 302],
        'PUT plans/{plan}/ladder' => [302, 302, 403, 403, 404, 404, 302],
        'POST plans/{plan}/handovers' => [302, 302, 403, 403, 404, 404, 302],
        'POST plans/{plan}/templates' => [302, 302, 403, 403, 404, 404, 302],
        'GET templates' => [200, 200, 200, 200, 200, 200, 302],
        'POST templates' => [302, 302, 403, 403, 403, 302, 302],
        'GET templates/{key}' => [200, 200, 200, 200, 200, 404, 302],
        'GET templates/{key}/edit' => [200, 200, 403, 403, 403, 404, 302],
        'GET templates/{key}/export' => [200, 200, 200, 200, 200, 404, 302],
        'PUT templates/{key}' => [302, 302, 403, 403, 403, 404, 302],
        'DELETE templates/{key}' => [302, 302, 403, 403, 403, 404, 302],
        'GET plans/{plan}' => [200, 200, 200, 200, 404, 404, 302],
        'PUT plans/{plan}' => [302, 302, 403, 403, 404, 404, 302],
        'DELETE plans/{plan}' => [302, 302, 403, 403, 404, 404, 302],
        'POST plans/{plan}/review' => [302, 302, 403, 403, 404, 404, 302],
        'GET plans/{plan}/sessions/create' => [200, 200, 403, 200, 404, 404, 302],
        'POST plans/{plan}/sessions' => [302, 302, 403, 302, 404, 404, 302],
        'GET plans/{plan}/past-sessions/create' => [200, 200, 403, 200, 404, 404, 302],
        'POST plans/{plan}/past-sessions' => [302, 302, 403, 302, 404, 404, 302],
        'GET sessions/{session}' => [200, 200, 200, 200, 404, 404, 302],
        'POST sessions/{session}/trials' => [302, 302, 302, 302, 404, 404, 302],
        'PUT sessions/{session}/trials/{trial}' => [302, 302, 302, 302, 404, 404, 302],
        'DELETE sessions/{session}/trials/{trial}' => [302, 302, 302, 302, 404, 404, 302],
        'POST sessions/{session}/trials/{trial}/restore' => [302, 302, 302, 302, 404, 404, 302],
        'POST sessions/{session}/entries' => [302, 302, 302, 302, 404, 404, 302],
        'GET live/{session}' => [403, 403, 403, 403, 403, 403, 403],
        'POST sessions/{session}/meter' => [201, 201, 201, 201, 404, 404, 302],
        'POST sessions/{session}/undo' => [302, 302, 302, 302, 404, 404, 302],
        'POST sessions/{session}/breaks' => [302, 302, 302, 302, 404, 404, 302],
        'POST sessions/{session}/end' => [302, 302, 403, 302, 404, 404, 302],
        'GET sessions/{session}/review' => [200, 200, 200, 200, 404, 404, 302],
        'GET sessions/{session}/export.{format}' => [200, 200, 200, 200, 404, 404, 302],
        'GET free-sessions/create' => [200, 200, 200, 200, 200, 200, 302],
        'POST dogs/{dog}/free-sessions' => [302, 302, 302, 302, 404, 404, 302],
        'GET free-sessions/{free}' => [200, 200, 200, 200, 404, 404, 302],
        'POST free-sessions/{free}/end' => [302, 302, 302, 302, 404, 404, 302],
        'POST free-sessions/{free}/entries' => [302, 302, 302, 302, 404, 404, 302],
        'POST free-sessions/{free}/observations' => [302, 302, 302, 302, 404, 404, 302],
        'PUT free-sessions/{free}/observations/{observation}' => [302, 302, 302, 302, 404, 404, 302],
        'GET unfiled' => [200, 200, 200, 200, 200, 200, 302],
        'POST unfiled' => [202, 202, 202, 202, 202, 202, 302],
        'POST unfiled/{unplaced}/place' => [302, 302, 404, 404, 404, 404, 302],
        'POST unfiled/{unplaced}/restore' => [302, 302, 404, 404, 404, 404, 302],
        'DELETE unfiled/{unplaced}' => [302, 302, 404, 404, 404, 404, 302],
    ];

    /** What a request needs to get past validation, where that is asked for before or after the right to do it. */
    private const INPUT = [
        'POST dogs' => ['name' => 'Fern'],
        'PUT settings' => ['distance_unit' => 'yd'],
        'PUT settings/practice' => ['language' => 'en', 'distance_unit' => 'yd', 'system' => 'imperial', 'clock' => '24'],
        'POST plans/{plan}/review' => ['checked' => '1'],
        'POST dogs/{dog}/cautions' => ['read' => ['bite']],
        'POST plans/{plan}/ladder' => ['edit' => 'copy:0'],
    ];

    /** @return iterable<string, array{string, list<int>}> */
    public static function routes(): iterable
    {
        foreach (self::TABLE as $route => $statuses) {
            yield $route => [$route, $statuses];
        }
    }

    public function test_every_route_is_in_the_table(): void
    {
        $listed = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', 'PATCH']) as $method) {
                $listed[] = "{$method} {$route->uri()}";
            }
        }
        sort($listed);
        $table = array_keys(self::TABLE);
        sort($table);

        self::assertSame($listed, $table);
    }

    /** Names of other clients' people and places, and what others logged, are none of a guardian's business. */
    public function test_a_guardian_reads_of_own_dogs_only(): void
    {
        $world = World::make();
        $other = Dog::query()->create(['practice_id' => $world->practice->id, 'name' => 'Otherdog']);
        Person::query()->create(['practice_id' => $world->practice->id, 'name' => 'Otherperson']);
        Place::query()->create(['practice_id' => $world->practice->id, 'name' => 'Otherplace', 'room_meters' => 50]);
        UnplacedTrial::query()->create([
            'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'uuid' => (string) Str::uuid(),
            'payload' => ['note' => 'Othernote'], 'reason' => 'Otherreason', 'received_at' => now(),
        ]);
        $item = Item::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'kind' => 'harness',
            'name' => 'Blue harness',
        ]);
        $dog = $world->dog->id;
        Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Otherclient', 'phone' => 'Otherphone']);
        $pages = [
            '/find?q=other', '/places', '/account', '/settings', '/', '/unfiled', '/dogs', "/dogs/{$dog}", "/dogs/{$dog}/handling",
            "/dogs/{$dog}/coverage",
            "/dogs/{$dog}/coverage?kind=presence", "/items/{$item->id}", "/plans/{$world->plan->id}",
            "/plans/{$world->plan->id}/sessions/create", '/events/create', '/free-sessions/create', "/free-sessions/create?dog={$dog}",
            "/places/{$world->session->place_id}/sketch",
        ];

        $this->actingAs($world->trainer);
        $seen = implode('', array_map(fn (string $page): string => (string) $this->get($page)->assertOk()->getContent(), $pages));
        foreach (['Otherdog', 'Otherperson', 'Otherplace', 'Othernote', 'Otherreason'] as $word) {
            self::assertStringContainsString($word, $seen, 'the trainer does see it');
        }
        $this->actingAs($world->trainer)->get("/sessions/{$world->session->id}")->assertOk()->assertSee('data-risk ', false);
        $this->actingAs($this->who('guardian', $world) ?? $world->trainer);
        $this->get("/sessions/{$world->session->id}")->assertOk()->assertDontSee('data-risk ', false);
        foreach ($pages as $page) {
            $this->get($page)
                ->assertOk()->assertDontSee('Otherdog')->assertDontSee('Otherperson')->assertDontSee('Otherplace')
                ->assertDontSee('Othernote')->assertDontSee('Otherreason');
        }
    }

    /** Every page that is not about one record: nothing of another practice stands on it, for none of its roles. */
    public function test_nothing_of_another_practice_stands_on_a_page(): void
    {
        $world = World::make();
        Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Otherclient']);
        $world->dog->update(['name' => 'Otherdog']);
        Place::query()->update(['name' => 'Otherplace']);
        Person::query()->update(['name' => 'Otherperson']);
        $world->plan->update(['name' => 'Otherplan']);
        $this->actingAs($world->trainer)->post('/people', ['name' => 'Otherperson']);
        $own = World::make();
        $pages = array_filter(
            array_map(static fn (string $route): string => explode(' ', $route)[1], array_keys(self::TABLE)),
            static fn (string $path): bool => ! str_contains($path, '{'),
        );
        foreach (Role::cases() as $role) {
            $this->actingAs($own->user($role));
            foreach (array_unique($pages) as $path) {
                $page = (string) $this->get("/{$path}?q=other")->getContent();
                foreach (['Otherclient', 'Otherdog', 'Otherplace', 'Otherperson', 'Otherplan'] as $name) {
                    self::assertStringNotContainsString($name, $page, "{$role->value} at {$path}");
                }
            }
        }
    }

    /** @param  list<int>  $statuses */
    #[DataProvider('routes')]
    public function test_a_route_answers_as_the_table_says(string $route, array $statuses): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->postJson("/sessions/{$world->session->id}/trials", $world->trial((string) Str::uuid()))
            ->assertCreated();
        Auth::logout();
        $everything = Everything::of($world);
        [$method, $uri] = explode(' ', $route);
        $path = $everything->path($uri);
        $input = str_contains($route, '/ladder') ? [
            'ladder' => json_encode(LadderData::write(app(PlanReader::class)->read($world->plan)->ladder)), ...self::INPUT[$route] ?? [],
        ] : self::INPUT[$route] ?? [
            'uuid' => (string) Str::uuid(), 'session_id' => $world->session->id, 'dog_id' => $world->dog->id, 'event_kind' => 'upset',
            'severity' => '1', 'ago' => '0', 'outcome' => 'returned', 'band' => '1', 'distance' => '80',
        ];

        $answered = [];
        foreach (self::WHO as $who) {
            // what one of them changes, the next does not find
            DB::beginTransaction();
            Auth::logout();
            $this->flushSession();
            $user = $this->who($who, $world);
            if ($user !== null) {
                $this->actingAs($user);
            }
            $answered[$who] = $this->call($method, $path, $method === 'GET' ? [] : $input)->getStatusCode();
            DB::rollBack();
        }

        self::assertSame(array_combine(self::WHO, $statuses), $answered);
    }

    private function who(string $who, World $world): ?User
    {
        $guardian = static function () use ($world): User {
            $user = $world->user(Role::Guardian);
            $world->dog->guardians()->attach($user);

            return $user;
        };

        return match ($who) {
            'owner' => $world->user(Role::Owner),
            'trainer' => $world->user(Role::Trainer),
            'helper' => $world->user(Role::Helper),
            'guardian' => $guardian(),
            'other guardian' => $world->user(Role::Guardian),
            'stranger' => User::factory()->createOne(['role' => Role::Owner]),
            default => null,
        };
    }
}
