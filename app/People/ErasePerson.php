<?php

declare(strict_types=1);

namespace App\People;

use App\Account\LastOwner;
use App\Account\ManageSignIn;
use App\Models\CalendarFeed;
use App\Models\CalendarLink;
use App\Models\Client;
use App\Models\Device;
use App\Models\HomeLink;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\TimingDevice;
use App\Models\TimingRound;
use App\Models\TrailAction;
use App\Models\TrailEntry;
use App\Models\User;
use App\Models\WeeklyHours;
use App\Models\YardVisit;
use App\Trail\Trail;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Takes out who somebody is, where they ask for it: name, address, number, notes, sign-in. What happened to a dog stays, as facts about
 * the dog, with "somebody" in their place.
 */
final readonly class ErasePerson
{
    public function __construct(
        private Connection $database, private ManageSignIn $signIns, private ClockInterface $clock, private Trail $trail,
        private ForgetInReports $reports,
    ) {
    }

    /** @throws LastOwner */
    public function erase(User $by, Person $person): void
    {
        $this->database->transaction(function () use ($by, $person): void {
            $now = $this->clock->now();
            $somebody = say('people.erased', ['number' => $person->id]);
            $user = $person->user;
            if ($user !== null) {
                $this->signIns->disable($by, $user);
                $user->update([
                    'name' => $somebody, 'email' => "erased-{$user->id}@erased.invalid", 'password' => Str::random(40),
                    'totp_secret' => null,
                    'totp_since' => null, 'recovery_codes' => null,
                ]);
                Device::query()->where('user_id', $user->id)->delete();
                TimingRound::query()->where('user_id', $user->id)->delete();
                TimingDevice::query()->where('user_id', $user->id)->delete();
                YardVisit::query()->where('user_id', $user->id)->delete();
                $this->forgetName($user);
            }
            Invitation::query()->where('person_id', $person->id)->update([
                'name' => $somebody, 'email' => 'erased@erased.invalid', 'withdrawn_at' => $now,
            ]);
            HomeLink::query()->where('person_id', $person->id)->whereNull('closed_at')->update(['closed_at' => $now]);
            CalendarLink::query()->where('person_id', $person->id)->whereNull('closed_at')->update(['closed_at' => $now]);
            CalendarFeed::query()->where('person_id', $person->id)->delete();
            WeeklyHours::query()->where('person_id', $person->id)->delete();
            $name = $person->name;
            $person->update(['name' => $somebody, 'phone' => '', 'note' => '', 'client_id' => null, 'archived_at' => $now]);
            $this->forgetName($person);
            $this->reports->forget($person->practice_id, $name, $somebody);
            $this->trail->note($by, TrailAction::Erased, $person);
        });
    }

    public function eraseClient(User $by, Client $client): void
    {
        $this->database->transaction(function () use ($by, $client): void {
            $name = $client->name;
            $client->update([
                'name' => say('people.clients.erased', ['number' => $client->id]), 'phone' => '', 'email' => '', 'address' => '',
                'emergency_contact' => '', 'vet' => '', 'consented_on' => null, 'note' => null, 'archived_at' => $this->clock->now(),
            ]);
            $this->forgetName($client);
            $this->reports->forget($client->practice_id, $name, $client->name);
            $this->trail->note($by, TrailAction::Erased, $client);
        });
    }

    /** The trail tells that something was done, no longer to whom. */
    private function forgetName(Person|Client|User $subject): void
    {
        TrailEntry::query()->where('practice_id', $subject->practice_id)->where('subject', Trail::subject($subject))
            ->update(['about' => $subject->name, 'facts' => null]);
    }
}
