<?php

declare(strict_types=1);

namespace App\Input;

use App\Models\User;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** What a device sends of its queue: its identifier and some entries, oldest first. What an entry holds is looked at one by one. */
trait DeviceQueue
{
    private const MAX = 50;

    /** @return list<string> kinds of entry that are taken here */
    abstract private function kinds(): array;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'device' => ['required', 'string', 'uuid'],
            'user' => ['required', 'integer'],
            'entries' => ['required', 'array', 'min:1', 'max:'.self::MAX],
            'entries.*' => ['array'],
            'entries.*.uuid' => ['required', 'string', 'uuid'],
            'entries.*.kind' => ['required', Rule::in($this->kinds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'entries.max' => say('messages.entries.most', ['most' => self::MAX]),
            'entries.*.uuid.*' => say('messages.entries.each_entry_needs_a_uuid_of'),
            'entries.*.kind.*' => say('messages.entries.kind', ['kinds' => implode(', ', $this->kinds())]),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws ConflictHttpException for another user who signed in on the same device: entries belong to who made them
     */
    public function entriesOf(User $user): array
    {
        if ($this->integer('user') !== $user->id) {
            throw new ConflictHttpException(say('messages.entry.these_entries_were_made_by_another'));
        }

        /** @var list<array<string, mixed>> */
        return array_values($this->array('entries'));
    }
}
