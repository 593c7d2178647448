<?php

declare(strict_types=1);

use App\Models\Event;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

// Loaded only by bench/request: the least that any write of a signed-in user costs on this server.
Route::post('/bench/bare', static function (Request $request): array {
    /** @var User $user */
    $user = $request->user();
    $id = DB::transaction(static fn (): int => (int) Event::query()->toBase()->insertGetId([
        'practice_id' => $user->practice_id, 'dog_id' => 1, 'user_id' => $user->id, 'kind' => 'bench',
        'occurred_at' => now()->format('Y-m-d H:i:s.v'),
    ]));

    return ['id' => $id];
});
