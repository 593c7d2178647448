<x-field name="name" :label="say('account.name')" :value="$person?->name" maxlength="120" required />
<x-field name="phone" :label="say('people.phone')" :value="$person?->phone" type="tel" maxlength="40" />
<x-choice name="client_id" :label="say('people.household')" :options="$clients" :value="$person?->client_id"
    :empty="say('people.no_household')" :hint="say('people.household_about')" />
<x-field name="note" :label="say('people.note')" :value="$person?->note" maxlength="300" />
