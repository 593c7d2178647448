<?php

declare(strict_types=1);

use App\Models\Person;
use App\Models\Practice;
use App\Models\Role;
use App\Models\Session;
use App\Models\User;
use App\Session\AskAdvice;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Random\Randomizer;

require_once __DIR__.'/barges.php';
require_once __DIR__.'/device.php';

/**
 * Phones in the field, as the application's own queue works: a trial that is tapped is kept until a receipt names it, and sent again until
 * then. Each has two tabs that send the same queue, a clock of its own, and is handed over to another phone now and then.
 */
final class Devices
{
    private const PASSWORD = 'bench-words-and-water';

    private const EMAIL = 'bench@example.test';

    private const AT_ONCE = 50;

    /** Milliseconds after which an answer is not waited for any more. */
    private const PATIENCE = 8000;

    /** Seconds before something is sent again. */
    private const WAIT = 0.5;

    /** @var list<array{id: int, device: string, skew: int, taps: list<string>, waiting: array<string, array{string, array<string, mixed>}>,
     *    acknowledged: array<string, true>, unfiled: int, next: float, again: float}> by session */
    private array $phones = [];

    /** @var array<string, string> */
    private array $cookies = [];

    private int $user = 0;

    /** @var array<int|string, int> answers by status; 0 where none came */
    public array $answers = [];

    public float $longestSilence = 0.0;

    private float $answeredAt = 0.0;

    public function __construct(private readonly string $base, private readonly Randomizer $random)
    {
    }

    /** A practice with one trainer and as many dogs in open sessions. */
    public function settle(int $sessions): void
    {
        $practice = Practice::query()->create(['name' => 'Bench practice', 'town' => 'Loopback']);
        $user = User::query()->create([
            'practice_id' => $practice->id, 'name' => 'Bench', 'email' => self::EMAIL, 'password' => Hash::make(self::PASSWORD),
            'role' => Role::Owner,
        ]);
        Person::query()->create(['practice_id' => $practice->id, 'user_id' => $user->id, 'name' => 'Bench']);
        $this->user = $user->id;
        for ($i = 0; $i < $sessions; $i++) {
            $plan = bargePlan($user, "Dog {$i}");
            $session = Session::query()->create([
                'practice_id' => $practice->id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id,
                'user_id' => $user->id, 'started_at' => now(),
            ]);
            $session->sets()->create(['position' => 1, 'started_at' => now()]);
            app(AskAdvice::class)->ask($session);
            $this->phones[] = [
                'id' => $session->id, 'device' => $this->uuid(),
                // a quarter of the clocks are off by a day, before or after
                'skew' => [0, 0, 0, 0, 0, 0, 86_400_000, -86_400_000][$i % 8], 'taps' => [], 'waiting' => [], 'acknowledged' => [],
                'unfiled' => 0, 'next' => 0.0, 'again' => 0.0,
            ];
        }
    }

    public function signIn(): void
    {
        for ($tries = 0; $tries < 20; $tries++) {
            $this->ask('/sign-in', null);
            if ($this->ask('/sign-in', ['email' => self::EMAIL, 'password' => self::PASSWORD]) === 302) {
                return;
            }
            usleep(500_000);
        }
        throw new RuntimeException('Nobody could sign in.');
    }

    /**
     * Taps and sends until it is said that it is enough, then only sends until nothing waits any more.
     *
     * @param  float  $every  seconds between two trials of a session
     * @param  Closure(float): bool  $goesOn  asked often, with the seconds so far
     * @param  Closure(): array{reachable: bool, lossy: bool}  $network
     * @return bool whether everything was acknowledged within a minute after
     */
    public function work(float $every, Closure $goesOn, Closure $network): bool
    {
        $multi = curl_multi_init();
        $started = $this->answeredAt = microtime(true);
        $stopped = null;
        $running = [];
        while (true) {
            $now = microtime(true);
            if ($stopped === null && ! $goesOn($now - $started)) {
                $stopped = $now;
            }
            foreach ($this->phones as $n => $phone) {
                if ($stopped === null && $phone['next'] <= $now) {
                    $this->tap($n);
                    $this->phones[$n]['next'] = $now + $every * (0.5 + $this->random->getInt(0, 1000) / 1000);
                }
                foreach ([0, 1] as $tab) {
                    if ($this->phones[$n]['waiting'] !== [] && $this->phones[$n]['again'] <= $now && ! isset($running["{$n} {$tab}"])
                        && ($tab === 0 || $this->random->getInt(0, 19) === 0)) {
                        $running["{$n} {$tab}"] = $this->send($multi, $n, $network());
                    }
                }
            }
            curl_multi_exec($multi, $active);
            curl_multi_select($multi, 0.01);
            while ($done = curl_multi_info_read($multi)) {
                $key = (string) array_search($done['handle'], $running, true);
                $this->answered((int) $key, $done['handle']);
                curl_multi_remove_handle($multi, $done['handle']);
                unset($running[$key]);
            }
            $waits = array_filter($this->phones, static fn (array $phone): bool => $phone['waiting'] !== []) !== [];
            if ($stopped !== null && ((! $waits && $running === []) || $now - $stopped > 60.0)) {
                return ! $waits;
            }
        }
    }

    /** @return array{tapped: int, stored: int, lost: int, doubled: int, disordered: int, unfiled: int} as one database has it */
    public function compare(string $connection): array
    {
        $found = ['tapped' => 0, 'stored' => 0, 'lost' => 0, 'doubled' => 0, 'disordered' => 0, 'unfiled' => 0];
        foreach ($this->phones as $phone) {
            $stored = DB::connection($connection)->table('trials')->where('session_id', $phone['id'])
                ->orderBy('sequence')->orderBy('occurred_at')->orderBy('id')->pluck('uuid')->all();
            $advice = DB::connection($connection)->table('advice')->where('session_id', $phone['id'])->whereNotNull('trial_id');
            $found['tapped'] += count($phone['taps']);
            $found['stored'] += count($stored);
            $found['lost'] += count(array_diff(array_keys($phone['acknowledged']), $stored));
            // a trial without advice was stored by half
            $found['lost'] += count($stored) - $advice->distinct()->count('trial_id');
            $found['doubled'] += count($stored) - count(array_unique($stored));
            $found['disordered'] += $stored === array_values(array_intersect($phone['taps'], $stored)) ? 0 : 1;
            $found['unfiled'] += $phone['unfiled'];
        }

        return $found;
    }

    public function waiting(): int
    {
        return array_sum(array_map(static fn (array $phone): int => count($phone['waiting']), $this->phones));
    }

    /** Somebody else's phone goes on; what the first one has not sent yet is sent by it still. */
    public function handOver(): void
    {
        $n = $this->random->getInt(0, count($this->phones) - 1);
        $this->phones[$n]['device'] = $this->uuid();
        $this->put($n, ['kind' => 'take']);
    }

    private function tap(int $n): void
    {
        $phone = &$this->phones[$n];
        $i = count($phone['taps']) + 1;
        $phone['taps'][] = $this->put($n, ['kind' => 'trial', 'sequence' => $i, 'trial' => [
            'distance' => (string) (64 - $i % 9), 'aim' => 'step:0', 'outcome' => 'returned', 'band' => $i % 6 === 0 ? 1 : 0,
            'signs' => ['face.soft'], 'food' => 'gently', 'latency_ms' => 700 + $i, 'exposure' => ['trigger_motion' => 'slow_walk'],
        ]]);
    }

    /** @param  array<string, mixed>  $entry */
    private function put(int $n, array $entry): string
    {
        $uuid = $this->uuid();
        $at = (int) (microtime(true) * 1000) + $this->phones[$n]['skew'];
        $this->phones[$n]['waiting'][$uuid] = [$this->phones[$n]['device'], ['uuid' => $uuid, 'at' => $at, ...$entry]];

        return $uuid;
    }

    /** @param  array{reachable: bool, lossy: bool}  $network */
    private function send(CurlMultiHandle $multi, int $n, array $network): CurlHandle
    {
        $phone = $this->phones[$n];
        [$device] = current($phone['waiting']);
        $sentAt = (int) (microtime(true) * 1000) + $phone['skew'];
        $entries = [];
        foreach ($phone['waiting'] as [$of, $entry]) {
            if ($of !== $device || count($entries) === self::AT_ONCE) {
                break;
            }
            $entries[] = [...$entry, 'sent_at' => $sentAt];
        }
        $handle = curl_init();
        curl_setopt_array($handle, [
            CURLOPT_URL => ($network['reachable'] ? $this->base : 'http://127.0.0.1:1')."/sessions/{$phone['id']}/entries",
            CURLOPT_POST => true, CURLOPT_RETURNTRANSFER => true,
            CURLOPT_POSTFIELDS => json_encode(['device' => $device, 'user' => $this->user, 'entries' => $entries], JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => $this->headers(),
            // an answer that is lost: the server may have written it all, or nothing, or be at it
            CURLOPT_TIMEOUT_MS => $network['lossy'] && $this->random->getInt(0, 2) === 0 ? $this->random->getInt(5, 60) : self::PATIENCE,
        ]);
        curl_multi_add_handle($multi, $handle);

        return $handle;
    }

    private function answered(int $n, CurlHandle $handle): void
    {
        $status = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $this->answers[$status] = ($this->answers[$status] ?? 0) + 1;
        $answer = json_decode((string) curl_multi_getcontent($handle), true);
        if ($status !== 200 || ! is_array($answer['receipts'] ?? null) || curl_errno($handle) !== 0) {
            $this->phones[$n]['again'] = microtime(true) + self::WAIT;
            if ($status === 401 || $status === 419) {
                $this->signIn();
            }

            return;
        }
        $this->longestSilence = max($this->longestSilence, microtime(true) - $this->answeredAt);
        $this->answeredAt = microtime(true);
        foreach ($answer['receipts'] as $receipt) {
            [, $entry] = $this->phones[$n]['waiting'][$receipt['uuid']] ?? [null, null];
            if ($entry === null) {
                continue; // the other tab has it already
            }
            unset($this->phones[$n]['waiting'][$receipt['uuid']]);
            if ($receipt['result'] === 'unfiled') {
                $this->phones[$n]['unfiled']++;
            } elseif ($entry['kind'] === 'trial') {
                $this->phones[$n]['acknowledged'][$receipt['uuid']] = true;
            }
        }
    }

    /** @param  ?array<string, string>  $fields */
    private function ask(string $path, ?array $fields): int
    {
        $handle = curl_init($this->base.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 10, CURLOPT_HTTPHEADER => array_slice($this->headers(), 0, 2),
            CURLOPT_HEADERFUNCTION => function (CurlHandle $_, string $line): int {
                if (preg_match('/^set-cookie: ([^=]+)=([^;]*)/i', $line, $found) === 1) {
                    $this->cookies[$found[1]] = $found[2];
                }

                return strlen($line);
            },
        ] + ($fields === null ? [] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($fields)]));
        curl_exec($handle);

        return (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
    }

    /** @return list<string> */
    private function headers(): array
    {
        $cookies = implode('; ', array_map(
            static fn (string $name, string $value): string => "{$name}={$value}", array_keys($this->cookies), $this->cookies,
        ));

        return [
            "Cookie: {$cookies}", 'X-XSRF-TOKEN: '.urldecode($this->cookies['XSRF-TOKEN'] ?? ''), 'Accept: application/json',
            'Content-Type: application/json',
        ];
    }

    private function uuid(): string
    {
        return uuidOf($this->random->getBytes(18));
    }
}
