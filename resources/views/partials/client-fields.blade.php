<x-field name="name" :label="say('people.clients.name')" :value="$client?->name" :hint="say('people.clients.name_about')" maxlength="120"
    required />
<x-field name="phone" :label="say('people.phone')" :value="$client?->phone" type="tel" maxlength="40" />
<x-field name="email" :label="say('account.email')" :value="$client?->email" type="email" maxlength="190" />
<x-field name="address" :label="say('people.clients.address')" :value="$client?->address" maxlength="300" />
<x-field name="emergency_contact" :label="say('people.clients.emergency')" :value="$client?->emergency_contact" maxlength="200" />
<x-field name="vet" :label="say('people.clients.vet')" :value="$client?->vet" maxlength="200" />
<x-field name="consented_on" :label="say('people.clients.consented')" :value="$client?->consented_on?->format('Y-m-d')" type="date"
    :hint="say('people.clients.consented_about')" />
<x-text name="note" :label="say('people.note')" :value="$client?->note" maxlength="2000" />
