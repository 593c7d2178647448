<?php

declare(strict_types=1);

use App\Api\Http\ApiController;
use App\Api\Http\BearerToken;
use App\Home\Http\HomeController;
use App\Session\Http\EntryController;
use Illuminate\Support\Facades\Route;

// programs: by token, without cookies, below /api/v1; what they may ask stands in resources/api/openapi.json
Route::get('/openapi.json', [ApiController::class, 'document'])->name('api-document');
Route::middleware(BearerToken::class.':read')->group(function (): void {
    Route::get('/', [ApiController::class, 'about'])->name('api-about');
    Route::get('/sessions/{session}', [ApiController::class, 'session'])->whereNumber('session')->name('api-session');
    Route::get('/{resource}', [ApiController::class, 'index'])->name('api-list');
});
Route::middleware(BearerToken::class.':log')->group(function (): void {
    Route::post('/sessions/{session}/entries', [EntryController::class, 'store'])->whereNumber('session')->name('api-entries');
    Route::post('/dogs/{dog}/home-entries', [HomeController::class, 'store'])->whereNumber('dog')->name('api-home-entries');
});
