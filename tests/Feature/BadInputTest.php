<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\FreeSession;
use App\Models\Trial;
use App\Models\UnplacedTrial;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What no form of ours sends is told at its field, or passed over; it breaks nothing. More of it, made up at random: bench/fuzz. */
#[CoversNothing]
final class BadInputTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    #[TestWith(['/help?q[]=a'])]
    #[TestWith(['/help?q=%B1%31'])]
    #[TestWith(['/dogs/{dog}/reports/care?to[]=1&note[][]=2&language[]=es'])]
    #[TestWith(['/dogs/{dog}/reports/hand_over?parts[][a]=1&parts[x][y]=2'])]
    #[TestWith(['/dogs/{dog}/coverage?kind[]=presence&trigger[]=1'])]
    #[TestWith(['/dogs/{dog}/handling?person[]=1'])]
    #[TestWith(['/dogs/{dog}/assessments/create?kind[]=contact&template[]=nails'])]
    #[TestWith(['/dogs/{dog}/plans/create?kind[]=contact&template=%FF'])]
    #[TestWith(['/plans/{plan}/sessions/create?place_id[]=1&upset[]=1'])]
    #[TestWith(['/sessions/{session}/review?trial[]=1'])]
    #[TestWith(['/sessions/{session}/review?trial=%00'])]
    public function test_an_address_that_was_tampered_with_opens_or_says_why(string $address): void
    {
        $status = $this->get($this->filled($address))->getStatusCode();
        self::assertContains($status, [200, 302, 404, 422], "{$address}: {$status}");
    }

    /** @param  array<string, mixed>  $fields */
    #[TestWith(['/dogs/{dog}/incidents', '/dogs/{dog}/incidents/create', ['place' => ['a', ['b']], 'before' => [], 'told' => 'x']])]
    #[TestWith(['/dogs', '/dogs/create', ['name' => ['a'], 'birthday' => ['x' => 1], 'bite_history' => [[1]]]])]
    #[TestWith(['/dogs', '/dogs/create', ['name' => 'Pip', 'born_on' => "a\0b"]])]
    #[TestWith(['/dogs/{dog}/reports/vet', '/dogs/{dog}/reports/vet', ['to' => ['a'], 'note' => [[1]], 'parts' => 'x', 'language' => [2]]])]
    #[TestWith(['/imports', '/imports', ['rows_of' => ['trials'], 'file' => ['x']]])]
    #[TestWith(['/programs', '/programs', ['program' => ['a'], 'scopes' => 'read', 'token_days' => [30]]])]
    #[TestWith(['/events', '/events/create', ['note' => ['a' => ['b' => []]], 'severity' => [3]]])]
    #[TestWith(['/plans/{plan}/sessions', '/plans/{plan}/sessions/create', ['read' => 'x', 'noise' => ['a'], 'person_id' => ['1']]])]
    #[TestWith(['/plans/{plan}/past-sessions', '/plans/{plan}/past-sessions/create', ['day' => ['x'], 'from' => [], 'minutes' => [1]]])]
    #[TestWith(['/sessions/{session}/trials', '/sessions/{session}', ['signs' => 'x', 'exposure' => 'y', 'band' => [1], 'traits' => 'z']])]
    #[TestWith([
        '/dogs/{dog}/skills', '/dogs/{dog}', ['skill' => 'turn_away', 'state' => 'ready', 'shown_in' => 'yard', 'shown_on' => 1e300],
    ])]
    #[TestWith(['/dogs/{dog}/assessments', '/dogs/{dog}/assessments/create', ['kind' => ['x' => 1], 'template' => ['y' => 2]]])]
    #[TestWith([
        '/dogs/{dog}/plans', '/dogs/{dog}/plans/create',
        ['kind' => [['x']], 'ladder' => ['y' => 2], 'method' => ['z'], 'template' => [['w']], 'phase' => ['v']],
    ])]
    #[TestWith(['/free-sessions/{free}/observations', '/free-sessions/{free}', ['kind' => ['looked'], 'part' => [['x']], 'what' => [[1]]]])]
    public function test_lists_where_words_belong_come_back_as_a_form_with_its_errors(string $to, string $form, array $fields): void
    {
        $this->from($this->filled($form))->post($this->filled($to), $fields)
            ->assertRedirect($this->filled($form))->assertSessionHasErrors();
        $this->get($this->filled($form))->assertOk();
    }

    public function test_a_list_is_no_address_of_a_sign_in(): void
    {
        $this->put('/account', ['name' => ['a'], 'email' => ['a', ['b']]])->assertSessionHasErrors(['name', 'email']);
    }

    public function test_bytes_that_are_no_text_are_kept_as_the_sign_for_that(): void
    {
        $this->post('/dogs', ['name' => "Pip\xB1", 'birthday' => 20201111])->assertStatus(302);
        $this->post("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid()), 'note' => "gust\xB1 of wind",
        ])->assertSessionHasNoErrors();
        self::assertStringStartsWith('gust', (string) Trial::query()->sole()->note);
        $nested = [];
        foreach (range(1, 60) as $level) {
            $nested = ['a' => $nested];
        }
        $status = $this->postJson('/unfiled', ['uuid' => (string) Str::uuid(), 'kind' => 'trial', 'deep' => $nested])->getStatusCode();
        self::assertSame(202, $status);
        self::assertStringContainsString('"deep":{"a":{"a":', UnplacedTrial::query()->sole()->payload['text']);
    }

    /** A clock that is wrong loses no trial: it stands at a time that can be. */
    public function test_a_time_that_cannot_be_loses_no_trial(): void
    {
        foreach (['+275760-09-13T00:00:00Z', 8.64e15, -1, '9999-12-31T23:59:59.999Z', ['x'], 'now'] as $time) {
            $entry = [
                'uuid' => (string) Str::uuid(), 'kind' => 'trial', 'at' => $time, 'sent_at' => 0,
                'trial' => ['distance' => 80, 'outcome' => 'returned', 'band' => 0, 'food' => 'gently'],
            ];
            $this->postJson("/sessions/{$this->world->session->id}/entries", [
                'device' => 'aaaaaaaa-0000-4000-8000-000000000001', 'user' => $this->world->trainer->id, 'entries' => [$entry],
            ])->assertOk()->assertJsonPath('receipts.0.result', 'kept');
        }
        self::assertSame(6, Trial::query()->where('occurred_at', '<=', now()->addSecond())->count());
    }

    public function test_no_form_shows_again_what_was_typed_without_looking_at_it(): void
    {
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(resource_path('views'))) as $file) {
            \assert($file instanceof \SplFileInfo);
            if ($file->isFile() && preg_match('/(?<![\w>$])old\(/', (string) file_get_contents($file->getPathname())) === 1) {
                $found[] = $file->getFilename();
            }
        }
        self::assertSame([], $found, 'typed() or ticked() instead of old()');
    }

    private function filled(string $address): string
    {
        return strtr($address, [
            '{dog}' => (string) $this->world->dog->id, '{plan}' => (string) $this->world->plan->id,
            '{session}' => (string) $this->world->session->id,
            '{free}' => (string) FreeSession::query()->firstOrCreate(['practice_id' => $this->world->practice->id], [
                'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id, 'uuid' => (string) Str::uuid(),
                'activity' => 'walk', 'started_at' => now(),
            ])->id,
        ]);
    }
}
