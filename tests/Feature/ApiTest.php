<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Api\ApiTokens;
use App\Api\Http\BearerToken;
use App\Api\Resource;
use App\Models\ApiScope;
use App\Models\ApiToken;
use App\Models\Dog;
use App\Models\Event;
use App\Models\HealthEntry;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Role;
use App\Models\Trial;
use App\Table\OpenTable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\TestCase;

/** Programs: what the document says is what is answered, its examples work, and a token goes as far as it was given. */
#[CoversClass(ApiTokens::class)]
#[CoversClass(BearerToken::class)]
#[CoversClass(Resource::class)]
final class ApiTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private Homework $task;

    /** @var array<string, array<string, array<string, mixed>>> operations by path and method */
    private array $paths;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $world = $this->world;
        $of = ['practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id];
        $this->task = Homework::query()->create([
            ...$of, 'kind' => 'skill', 'name' => 'Look', 'what' => 'Say it once.', 'counts_when' => 'It looks.',
            'stop_when' => 'Twice not.', 'times_a_day' => 3, 'from_on' => '2026-11-01',
        ]);
        HomeRep::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'homework_id' => $this->task->id,
            'uuid' => (string) Str::uuid(), 'answer' => 'good', 'occurred_at' => now(), 'received_at' => now(), 'seconds' => 2.5,
        ]);
        HealthEntry::query()->create([...$of, 'kind' => 'weight', 'name' => '', 'kilograms' => 12.0, 'from_on' => '2026-11-01']);
        Event::query()->create([...$of, 'kind' => 'upset', 'severity' => 2, 'occurred_at' => now(), 'note' => 'gunshot']);
        /** @var array{paths: array<string, array<string, array<string, mixed>>>} $document */
        $document = json_decode((string) file_get_contents(resource_path('api/openapi.json')), true, flags: JSON_THROW_ON_ERROR);
        $this->paths = $document['paths'];
    }

    public function test_the_document_names_every_address_and_no_other(): void
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/v1')) {
                $path = substr($route->uri(), 6) ?: '/';
                foreach ($path === '/{resource}' ? array_column(Resource::cases(), 'value') : [ltrim($path, '/')] as $one) {
                    $routes[] = strtolower($route->methods()[0])." /{$one}";
                }
            }
        }
        $told = ['get /openapi.json'];
        foreach ($this->paths as $path => $operations) {
            foreach (array_keys($operations) as $method) {
                $told[] = "{$method} {$path}";
            }
        }
        sort($routes);
        sort($told);

        self::assertSame($told, $routes);
        $this->get('/api/v1/openapi.json')->assertOk()->assertJsonPath('openapi', '3.1.0');
    }

    public function test_what_is_read_is_what_the_document_says(): void
    {
        $token = $this->token(ApiScope::Read);
        $this->actingAs($this->world->trainer)->postJson(
            "/sessions/{$this->world->session->id}/trials", $this->world->trial((string) Str::uuid()),
        )->assertCreated();
        foreach ($this->paths as $path => $operations) {
            if (isset($operations['get'])) {
                $answer = $this->read(strtr($path, ['{session}' => (string) $this->world->session->id]), $token)->assertOk();
                self::assertSame([], $this->problems($path, 'get', '200', (string) $answer->getContent()), $path);
                if (is_array($answer->json('data'))) {
                    self::assertNotEmpty($answer->json('data'), "{$path} has something to check");
                }
            }
        }
        // a schema that lets anything through would say nothing
        self::assertNotSame([], $this->problems('/dogs', 'get', '200', '{"data":[{"id":"1"}],"next":null}'));
        self::assertNotNull(ApiToken::query()->sole()->used_at);
    }

    public function test_the_examples_of_the_document_work_and_the_same_entry_twice_counts_once(): void
    {
        $token = $this->token(ApiScope::Log);
        foreach ($this->paths as $path => $operations) {
            foreach ($operations['post']['requestBody']['content']['application/json']['examples'] ?? [] as $name => $example) {
                $body = json_decode(strtr(json_encode($example['value'], JSON_THROW_ON_ERROR), [
                    '"user":1' => '"user":'.$this->world->trainer->id, '"homework":1' => '"homework":'.$this->task->id,
                ]), true, flags: JSON_THROW_ON_ERROR);
                $address = strtr($path, ['{session}' => (string) $this->world->session->id, '{dog}' => (string) $this->world->dog->id]);
                foreach (['kept', 'known'] as $result) {
                    $answer = $this->withToken($token)->postJson("/api/v1{$address}", $body)->assertOk();
                    self::assertSame([], $this->problems($path, 'post', '200', (string) $answer->getContent()), (string) $name);
                    self::assertSame([$result], array_column((array) $answer->json('receipts'), 'result'), (string) $name);
                }
            }
        }
        self::assertSame([1, 2], [Trial::query()->count(), HomeRep::query()->count()]);
    }

    public function test_a_list_is_read_in_pages(): void
    {
        foreach (['Ash', 'Birch'] as $name) {
            Dog::query()->create(['practice_id' => $this->world->practice->id, 'name' => $name]);
        }
        $token = $this->token(ApiScope::Read);
        $names = [];
        $after = $pages = 0;
        do {
            $pages++;
            $page = $this->read("/dogs?limit=2&after={$after}", $token)->assertOk();
            array_push($names, ...array_column((array) $page->json('data'), 'name'));
            $after = $page->json('next');
        } while ($after !== null);

        self::assertSame([['Moss', 'Ash', 'Birch'], 2], [$names, $pages], 'the last page says that it is the last');
        self::assertCount(1, (array) $this->read("/health-entries?dog={$this->world->dog->id}", $token)->json('data'));
        self::assertCount(0, (array) $this->read('/health-entries?dog=999999', $token)->json('data'));
        $this->read('/dogs?limit=0', $token)->assertUnprocessable()->assertJsonValidationErrors(['limit' => 'from 1 to 200']);
        $this->read('/dogs?limit=201&after=x', $token)->assertUnprocessable()->assertJsonValidationErrors(['limit', 'after']);
        $this->read('/cats', $token)->assertNotFound();
    }

    public function test_every_list_is_a_file_for_a_spreadsheet_with_names_instead_of_numbers(): void
    {
        $this->world->dog->update(['name' => '=Moss']);
        $this->actingAs($this->world->trainer);
        foreach (Resource::cases() as $resource) {
            $csv = $this->get("/lists/{$resource->value}/csv")->assertOk()->streamedContent();
            self::assertGreaterThan(1, substr_count($csv, "\r\n"), $resource->value);
            self::assertStringNotContainsString('api.columns', $csv);
            $xlsx = $this->get("/lists/{$resource->value}/xlsx")->assertOk()->baseResponse;
            self::assertInstanceOf(BinaryFileResponse::class, $xlsx);
            $rows = array_values(iterator_to_array(OpenTable::of($xlsx->getFile()->getPathname())->rows()));
            self::assertSame(substr_count($csv, "\r\n"), count($rows), $resource->value);
        }
        self::assertStringContainsString("\r\n{$this->world->plan->id},'=Moss,Kites,", $this->get('/lists/plans/csv')->streamedContent());
        $this->get('/lists/cats/csv')->assertNotFound();
        $this->get('/lists/dogs/pdf')->assertNotFound();
    }

    public function test_a_token_goes_as_far_as_it_was_given_and_no_longer(): void
    {
        $read = $this->token(ApiScope::Read);
        $log = $this->token(ApiScope::Log);
        $entries = "/api/v1/dogs/{$this->world->dog->id}/home-entries";
        $this->withToken($read)->postJson($entries, ['entries' => []])->assertForbidden()
            ->assertJsonPath('message', say('api.answers.not_given', ['scope' => 'log']));
        $this->read('/dogs', $log)->assertForbidden();
        $this->withToken('nonsense')->get('/api/v1/dogs')->assertUnauthorized();
        $this->flushHeaders()->get('/api/v1/dogs')->assertUnauthorized();

        $other = World::make();
        $this->read("/sessions/{$other->session->id}", $read)->assertNotFound();
        $this->withToken($log)->postJson("/api/v1/dogs/{$other->dog->id}/home-entries", ['entries' => []])->assertNotFound();
        self::assertStringNotContainsString($other->practice->name.'x', (string) $this->read('/', $read)->getContent());

        $this->travelTo(now()->addDays(30)->subMinute());
        $this->read('/', $read)->assertOk();
        $this->travelTo(now()->addMinutes(2));
        $this->read('/', $read)->assertUnauthorized();
    }

    public function test_a_token_ends_with_a_tap_and_with_the_sign_in_of_its_user(): void
    {
        $token = $this->token(ApiScope::Read);
        $row = ApiToken::query()->sole();
        self::assertStringNotContainsString($token, (string) json_encode($row->getAttributes()));
        $this->actingAs($this->world->user(Role::Helper))->get('/programs')->assertForbidden();
        $this->world->trainer->update(['disabled_at' => now()]);
        $this->read('/', $token)->assertUnauthorized();
        $this->world->trainer->update(['disabled_at' => null]);
        $this->read('/', $token)->assertOk();

        $this->actingAs($this->world->user(Role::Trainer))->delete("/programs/{$row->id}")->assertNotFound();
        $this->actingAs($this->world->user(Role::Owner))->delete("/programs/{$row->id}")->assertRedirect();
        $this->read('/', $token)->assertUnauthorized();
    }

    public function test_so_many_requests_a_minute_are_answered(): void
    {
        $token = $this->token(ApiScope::Read);
        $last = $this->read('/cats', $token)->assertNotFound();
        for ($i = 1; $i < BearerToken::A_MINUTE; $i++) {
            $last = $this->read('/cats', $token)->assertNotFound();
        }
        self::assertSame('0', $last->headers->get('X-RateLimit-Remaining'));
        $this->read('/', $token)->assertTooManyRequests()->assertHeader('Retry-After');
        $this->read('/', $this->token(ApiScope::Read))->assertOk();
        $this->travel(61)->seconds();
        $this->read('/', $token)->assertOk();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function read(string $path, string $token): TestResponse
    {
        return $this->withToken($token)->get('/api/v1'.rtrim($path, '/'));
    }

    private function token(ApiScope $scope): string
    {
        $this->actingAs($this->world->trainer)->post('/programs', [
            'program' => 'Clicker counter', 'scopes' => [$scope->value], 'token_days' => '30',
        ])->assertSessionHasNoErrors();
        $token = session('api-token');
        auth()->logout();

        return is_string($token) ? $token : '';
    }

    /** @return array<mixed> what an answer has that the document does not say */
    private function problems(string $path, string $method, string $status, string $body): array
    {
        $document = json_decode((string) file_get_contents(resource_path('api/openapi.json')), flags: JSON_THROW_ON_ERROR);
        self::assertIsObject($document);
        $validator = new Validator;
        $validator->resolver()?->registerRaw($document, 'https://wheatear.invalid/api');
        $pointer = '/paths/'.strtr($path, ['~' => '~0', '/' => '~1', '{' => '%7B', '}' => '%7D'])
            ."/{$method}/responses/{$status}/content/application~1json/schema";
        $error = $validator->validate(
            json_decode($body, flags: JSON_THROW_ON_ERROR), (object) ['$ref' => "https://wheatear.invalid/api#{$pointer}"],
        )->error();

        return $error === null ? [] : (new ErrorFormatter)->format($error);
    }
}
