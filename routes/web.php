<?php

declare(strict_types=1);

use App\Account\Http\AccountController;
use App\Account\Http\ForgottenController;
use App\Account\Http\JoinController;
use App\Account\Http\KnownDevice;
use App\Account\Http\SignInController;
use App\Assessment\Http\AssessmentController;
use App\Dog\Http\AgreementController;
use App\Dog\Http\CareCardController;
use App\Dog\Http\CautionController;
use App\Dog\Http\DogController;
use App\Dog\Http\IntakeController;
use App\Dog\Http\KitController;
use App\Dog\Http\OrderController;
use App\Dog\Http\SkillController;
use App\Dog\Http\TriggerController;
use App\Free\Http\FreeSessionController;
use App\Free\Http\ObservationController;
use App\Handling\Http\AreaController;
use App\Handling\Http\CoverageController;
use App\Handling\Http\HandlerLimitController;
use App\Handling\Http\HandlingController;
use App\Handling\Http\ItemController;
use App\Handling\Http\WearingController;
use App\Incident\Http\EventController;
use App\Incident\Http\IncidentController;
use App\Library\Http\HelpController;
use App\Library\Http\TemplateController;
use App\People\Http\ClientController;
use App\People\Http\PersonalDataController;
use App\People\Http\PersonController;
use App\People\Http\SignInController as PersonSignInController;
use App\Place\Http\PlaceController;
use App\Place\Http\SketchController;
use App\Plan\Http\HandoverController;
use App\Plan\Http\LadderController;
use App\Plan\Http\LimitsController;
use App\Plan\Http\MoveController;
use App\Plan\Http\PlanController;
use App\Plan\Http\PlanReviewController;
use App\Plan\Http\SoundSetUpController;
use App\Practice\Http\PracticeController;
use App\Practice\Http\SettingsController;
use App\Practice\Http\TodayController;
use App\Practice\Http\TrailController;
use App\Session\Http\BreakController;
use App\Session\Http\EntryController;
use App\Session\Http\ExportController;
use App\Session\Http\LiveController;
use App\Session\Http\MeterController;
use App\Session\Http\MeterTokenController;
use App\Session\Http\PastSessionController;
use App\Session\Http\ReviewController;
use App\Session\Http\SessionController;
use App\Session\Http\SessionEndController;
use App\Session\Http\TrialController;
use App\Session\Http\UndoController;
use App\Session\Http\UnfiledController;
use Illuminate\Routing\Middleware\ValidateSignature;
use Illuminate\Support\Facades\Route;

Route::view('/up', 'pages.up')->withoutMiddleware('web')->name('up');

// a signed address, valid for one session and a day: no cookie is read or renewed
Route::get('/live/{session}', LiveController::class)
    ->whereNumber('session')->withoutMiddleware('web')->middleware(ValidateSignature::relative(['since']))->name('live');

// a sound level meter of one session: it shows a token and has no sign-in; its newest level is read by a signed address
Route::post('/meter/{session}', [MeterController::class, 'store'])->whereNumber('session')->withoutMiddleware('web')->name('meter.store');
Route::get('/meter/{session}', [MeterController::class, 'show'])
    ->whereNumber('session')->withoutMiddleware('web')->middleware(ValidateSignature::relative())->name('meter.show');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store']);
    Route::get('/sign-in/code', [SignInController::class, 'code'])->name('sign-in.code');
    Route::post('/sign-in/code', [SignInController::class, 'checkCode']);
    Route::get('/password', [ForgottenController::class, 'create'])->name('password.forgotten');
    Route::post('/password', [ForgottenController::class, 'store']);
    Route::get('/password/{token}', [ForgottenController::class, 'edit'])->name('password.reset');
    Route::post('/password/{token}', [ForgottenController::class, 'update']);
    Route::get('/invitations/{token}', [JoinController::class, 'invited'])->name('invitations.show');
    Route::post('/invitations/{token}', [JoinController::class, 'join']);
    Route::get('/set-up/{token}', [JoinController::class, 'setUp'])->name('set-up.show');
    Route::post('/set-up/{token}', [JoinController::class, 'make']);
});

Route::middleware(['auth', 'auth.session', KnownDevice::class])->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/settings', [SettingsController::class, 'edit'])->name('settings');
    Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
    Route::put('/settings/practice', [SettingsController::class, 'practice'])->name('settings.practice');
    Route::get('/account', [AccountController::class, 'edit'])->name('account');
    Route::put('/account', [AccountController::class, 'update'])->name('account.update');
    Route::put('/account/password', [AccountController::class, 'password'])->name('account.password');
    Route::post('/account/second-factor', [AccountController::class, 'beginSecondFactor'])->name('account.second-factor');
    Route::put('/account/second-factor', [AccountController::class, 'confirmSecondFactor']);
    Route::delete('/account/second-factor', [AccountController::class, 'removeSecondFactor']);
    Route::delete('/account/devices', [AccountController::class, 'endOthers'])->name('account.devices.end-others');
    Route::delete('/account/devices/{device}', [AccountController::class, 'endDevice'])->whereNumber('device')->name('account.devices.end');
    Route::get('/practice', [PracticeController::class, 'edit'])->name('practice');
    Route::put('/practice', [PracticeController::class, 'update']);
    Route::get('/trail', TrailController::class)->name('trail');
    Route::resource('people', PersonController::class)->only(['index', 'create', 'store', 'show', 'update']);
    Route::post('/people/{person}/archive', [PersonController::class, 'archive'])->name('people.archive-it');
    Route::delete('/people/{person}/archive', [PersonController::class, 'restore']);
    Route::post('/people/{person}/invitation', [PersonSignInController::class, 'invite'])->name('people.send-invitation');
    Route::delete('/people/{person}/invitation', [PersonSignInController::class, 'withdraw']);
    Route::put('/people/{person}/sign-in', [PersonSignInController::class, 'update'])->name('people.sign-in');
    Route::delete('/people/{person}/sign-in', [PersonSignInController::class, 'disable']);
    Route::post('/people/{person}/sign-in', [PersonSignInController::class, 'enable']);
    Route::post('/people/{person}/dogs', [MoveController::class, 'all'])->name('people.move-dogs');
    Route::get('/people/{person}/data', [PersonalDataController::class, 'show'])->name('people.data');
    Route::delete('/people/{person}/data', [PersonalDataController::class, 'destroy']);
    Route::resource('clients', ClientController::class)->only(['index', 'create', 'store', 'show', 'update']);
    Route::post('/clients/{client}/archive', [ClientController::class, 'archive'])->name('clients.archive-it');
    Route::delete('/clients/{client}/archive', [ClientController::class, 'restore']);
    Route::delete('/clients/{client}/data', [PersonalDataController::class, 'destroyClient'])->name('clients.data');
    Route::resource('places', PlaceController::class)->only(['index', 'create', 'store', 'show', 'update']);
    Route::post('/places/{place}/archive', [PlaceController::class, 'archive'])->name('places.archive-it');
    Route::delete('/places/{place}/archive', [PlaceController::class, 'restore']);
    Route::get('/', TodayController::class)->name('today');
    Route::get('/help', HelpController::class)->name('help');

    Route::resource('dogs', DogController::class)->only(['index', 'create', 'store', 'show', 'edit', 'update']);
    Route::post('/dogs/{dog}/archive', [DogController::class, 'archive'])->name('dogs.archive-it');
    Route::delete('/dogs/{dog}/archive', [DogController::class, 'restore']);
    Route::put('/dogs/{dog}/trainer', [MoveController::class, 'dog'])->name('dogs.trainer');
    Route::resource('dogs.plans', PlanController::class)->shallow()->only(['create', 'store', 'show', 'update', 'destroy']);
    Route::post('/dogs/{dog}/plans/{plan}/restore', [PlanController::class, 'restore'])->whereNumber('plan')->name('plans.restore');
    Route::get('/dogs/{dog}/intake', [IntakeController::class, 'edit'])->name('intakes.edit');
    Route::put('/dogs/{dog}/intake', [IntakeController::class, 'update'])->name('intakes.update');
    Route::get('/dogs/{dog}/card', [CareCardController::class, 'show'])->name('card.show');
    Route::get('/dogs/{dog}/kit', [KitController::class, 'show'])->name('kit.show');
    Route::get('/events/create', [EventController::class, 'create'])->name('events.create');
    Route::post('/events', [EventController::class, 'store'])->name('events.store');
    Route::get('/dogs/{dog}/incidents/create', [IncidentController::class, 'create'])->name('incidents.create');
    Route::post('/dogs/{dog}/incidents', [IncidentController::class, 'store'])->name('incidents.store');
    Route::get('/incidents/{incident}', [IncidentController::class, 'show'])->name('incidents.show');
    Route::get('/dogs/{dog}/handling', [HandlingController::class, 'show'])->name('handling.show');
    Route::put('/dogs/{dog}/areas/{area}/{side}', [AreaController::class, 'update'])->name('areas.update');
    Route::post('/dogs/{dog}/limits', [HandlerLimitController::class, 'store'])->name('limits.store');
    Route::delete('/limits/{limit}', [HandlerLimitController::class, 'destroy'])->name('limits.destroy');
    Route::get('/dogs/{dog}/coverage', [CoverageController::class, 'show'])->name('coverage.show');
    Route::post('/dogs/{dog}/items', [ItemController::class, 'store'])->name('items.store');
    Route::get('/items/{item}', [ItemController::class, 'show'])->name('items.show');
    Route::put('/items/{item}', [ItemController::class, 'update'])->name('items.update');
    Route::post('/items/{item}/wearings', [WearingController::class, 'store'])->name('wearings.store');
    Route::post('/dogs/{dog}/triggers', [TriggerController::class, 'store'])->name('triggers.store');
    Route::post('/dogs/{dog}/skills', [SkillController::class, 'store'])->name('skills.store');
    Route::post('/dogs/{dog}/agreements', [AgreementController::class, 'store'])->name('agreements.store');
    Route::post('/dogs/{dog}/cautions', [CautionController::class, 'store'])->name('cautions.store');
    Route::get('/dogs/{dog}/orders/{kind}/{dimension}', [OrderController::class, 'edit'])->name('orders.edit');
    Route::put('/dogs/{dog}/orders/{kind}/{dimension}', [OrderController::class, 'update'])->name('orders.update');
    Route::get('/dogs/{dog}/assessments/create', [AssessmentController::class, 'create'])->name('assessments.create');
    Route::post('/dogs/{dog}/assessments', [AssessmentController::class, 'store'])->name('assessments.store');
    Route::get('/assessments/{assessment}', [AssessmentController::class, 'show'])->name('assessments.show');
    Route::get('/places/{place}/sketch', [SketchController::class, 'edit'])->name('sketches.edit');
    Route::get('/places/{place}/sketch/numbers', [SketchController::class, 'show'])->name('sketches.numbers');
    Route::put('/places/{place}/sketch', [SketchController::class, 'update'])->name('sketches.update');
    Route::get('/plans/{plan}/ladder', [LadderController::class, 'edit'])->name('ladders.edit');
    Route::post('/plans/{plan}/ladder', [LadderController::class, 'preview'])->name('ladders.preview');
    Route::put('/plans/{plan}/ladder', [LadderController::class, 'update'])->name('ladders.update');
    Route::get('/plans/{plan}/sound', [SoundSetUpController::class, 'edit'])->name('sounds.edit');
    Route::put('/plans/{plan}/sound', [SoundSetUpController::class, 'update'])->name('sounds.update');
    Route::get('/plans/{plan}/limits', [LimitsController::class, 'show'])->name('limits.show');
    Route::post('/plans/{plan}/handovers', [HandoverController::class, 'store'])->name('handovers.store');
    Route::post('/plans/{plan}/templates', [TemplateController::class, 'store'])->name('templates.store');
    Route::get('/templates', [TemplateController::class, 'index'])->name('templates.index');
    Route::post('/templates', [TemplateController::class, 'import'])->name('templates.import');
    Route::get('/templates/{key}', [TemplateController::class, 'show'])->name('templates.show');
    Route::get('/templates/{key}/edit', [TemplateController::class, 'edit'])->name('templates.edit');
    Route::get('/templates/{key}/export', [TemplateController::class, 'export'])->name('templates.export');
    Route::put('/templates/{key}', [TemplateController::class, 'update'])->name('templates.update');
    Route::delete('/templates/{key}', [TemplateController::class, 'destroy'])->name('templates.destroy');
    Route::post('/plans/{plan}/review', [PlanReviewController::class, 'store'])->name('plans.review');

    Route::get('/plans/{plan}/sessions/create', [SessionController::class, 'create'])->name('sessions.create');
    Route::post('/plans/{plan}/sessions', [SessionController::class, 'store'])->name('sessions.store');
    Route::get('/plans/{plan}/past-sessions/create', [PastSessionController::class, 'create'])->name('past-sessions.create');
    Route::post('/plans/{plan}/past-sessions', [PastSessionController::class, 'store'])->name('past-sessions.store');
    Route::get('/sessions/{session}', [SessionController::class, 'show'])->name('sessions.show');
    Route::post('/sessions/{session}/trials', [TrialController::class, 'store'])->name('trials.store');
    Route::put('/sessions/{session}/trials/{trial}', [TrialController::class, 'update'])->whereNumber('trial')->name('trials.update');
    Route::delete('/sessions/{session}/trials/{trial}', [TrialController::class, 'destroy'])->whereNumber('trial')->name('trials.destroy');
    Route::post('/sessions/{session}/trials/{trial}/restore', [TrialController::class, 'restore'])
        ->whereNumber('trial')->name('trials.restore');
    Route::post('/sessions/{session}/entries', [EntryController::class, 'store'])->name('entries.store');
    Route::post('/sessions/{session}/meter', [MeterTokenController::class, 'store'])->name('meter-tokens.store');
    Route::post('/sessions/{session}/undo', [UndoController::class, 'store'])->name('undo.store');
    Route::post('/sessions/{session}/breaks', [BreakController::class, 'store'])->name('breaks.store');
    Route::post('/sessions/{session}/end', [SessionEndController::class, 'store'])->name('sessions.end');
    Route::get('/sessions/{session}/review', [ReviewController::class, 'show'])->name('sessions.review');
    Route::get('/sessions/{session}/export.{format}', [ExportController::class, 'show'])
        ->whereIn('format', ['json', 'csv'])->name('sessions.export');

    Route::get('/free-sessions/create', [FreeSessionController::class, 'create'])->name('free.create');
    Route::post('/dogs/{dog}/free-sessions', [FreeSessionController::class, 'store'])->name('free.store');
    Route::get('/free-sessions/{free}', [FreeSessionController::class, 'show'])->whereNumber('free')->name('free.show');
    Route::post('/free-sessions/{free}/end', [FreeSessionController::class, 'end'])->name('free.end');
    Route::post('/free-sessions/{free}/entries', [ObservationController::class, 'receive'])->name('observations.receive');
    Route::post('/free-sessions/{free}/observations', [ObservationController::class, 'store'])->name('observations.store');
    Route::put('/free-sessions/{free}/observations/{observation}', [ObservationController::class, 'update'])
        ->whereNumber('observation')->name('observations.update');

    Route::get('/unfiled', [UnfiledController::class, 'index'])->name('unfiled.index');
    Route::post('/unfiled', [UnfiledController::class, 'store'])->name('unfiled.store');
    Route::post('/unfiled/{unplaced}/place', [UnfiledController::class, 'place'])->name('unfiled.place');
    Route::post('/unfiled/{unplaced}/restore', [UnfiledController::class, 'restore'])->name('unfiled.restore');
    Route::delete('/unfiled/{unplaced}', [UnfiledController::class, 'destroy'])->name('unfiled.destroy');
});
