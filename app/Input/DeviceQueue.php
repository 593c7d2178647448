<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** What a device sends of its queue: its identifier and some entries, oldest first. What an entry holds is looked at one by one. */
final readonly class DeviceQueue
{
    private const MAX = 50;

    /** @param  list<array<string, mixed>>  $entries */
    private function __construct(public string $device, public array $entries)
    {
    }

    /**
     * What the application sends is seen to be right at a glance, as this runs after every trial; the rules tell what is wrong with
     * the rest.
     *
     * @param  list<string>  $kinds  of entry that are taken here
     *
     * @throws \Illuminate\Validation\ValidationException
     * @throws ConflictHttpException for another user who signed in on the same device: entries belong to who made them
     */
    public static function of(Request $request, array $kinds, User $user): self
    {
        $sent = $request->all();
        if (! self::isPlain($sent, $kinds)) {
            Validator::make($sent, self::rules($kinds), [
                'entries.max' => say('messages.entries.most', ['most' => self::MAX]),
                'entries.*.uuid.*' => say('messages.entries.each_entry_needs_a_uuid_of'),
                'entries.*.kind.*' => say('messages.entries.kind', ['kinds' => implode(', ', $kinds)]),
            ])->validate();
        }
        if ($request->integer('user') !== $user->id) {
            throw new ConflictHttpException(say('messages.entry.these_entries_were_made_by_another'));
        }
        /** @var list<array<string, mixed>> $entries */
        $entries = array_values($request->array('entries'));

        return new self(strtolower($request->string('device')->value()), $entries);
    }

    /**
     * @param  array<mixed>  $sent
     * @param  list<string>  $kinds
     */
    private static function isPlain(array $sent, array $kinds): bool
    {
        $entries = $sent['entries'] ?? null;
        if (! Plain::uuid($sent['device'] ?? null) || ! is_int($sent['user'] ?? null) || ! is_array($entries) || $entries === []
            || count($entries) > self::MAX) {
            return false;
        }
        foreach ($entries as $entry) {
            if (! is_array($entry) || ! Plain::uuid($entry['uuid'] ?? null) || ! in_array($entry['kind'] ?? null, $kinds, true)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $kinds
     * @return array<string, list<mixed>>
     */
    private static function rules(array $kinds): array
    {
        return [
            'device' => ['required', 'string', 'uuid'],
            'user' => ['required', 'integer'],
            'entries' => ['required', 'array', 'min:1', 'max:'.self::MAX],
            'entries.*' => ['array'],
            'entries.*.uuid' => ['required', 'string', 'uuid'],
            'entries.*.kind' => ['required', Rule::in($kinds)],
        ];
    }
}
