<x-section title="Accounts" id="accounts">
    <p class="quiet small">On which account of the books the cost of a type goes, by kind. Costs are
        put
        together by them.</p>
    <form method="post" action="/setup/work-lists/accounts">@csrf @method('put')
        <x-seen :mark="$accountsSeen" />
        <table>
            <thead>
                <tr>
                    <th>type</th>
                    @foreach ($costKinds as $kind)
                        <th>{{ $kind->value }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($types as $type)
                    <tr>
                        <th scope="row">{{ $type->name }}</th>
                        @foreach ($costKinds as $kind)
                            <td><input maxlength="40" size="10"
                                    name="accounts[{{ $type->name }}][{{ $kind->value }}]"
                                    value="{{ $accounts[$type->name][$kind->value] ?? '' }}"
                                    aria-label="Account of {{ $kind->value }}, {{ $type->name }}">
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
        <button class="btn slim">Save the accounts</button>
    </form>
</x-section>
