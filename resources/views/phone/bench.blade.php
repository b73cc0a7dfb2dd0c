{{-- Of the bench's settings: names, the passphrase, what happened at the door. --}}
<details>
    <summary>Names</summary>
    <p>What is done is written under a name where one is chosen at the foot of the page. A name is a word, no account.
    </p>
    <form
        class="row"
        method="post"
        action="{{ route('people.add', [], false) }}"
    >@csrf<label for="person-{{ $page ? 'page' : 'sheet' }}">A name</label>
        <input
            class="typed"
            id="person-{{ $page ? 'page' : 'sheet' }}"
            name="name"
            size="16"
            maxlength="40"
            autocomplete="off"
        ><button class="button is-small">Add it</button>
    </form>
    @foreach (App\LocalNet\People::all() as $name)
        <form
            class="row"
            method="post"
            action="{{ route('people.forget', [], false) }}"
        >@csrf<input
                type="hidden"
                name="name"
                value="{{ $name }}"
            ><span>{{ $name }}</span><button
                class="button is-small"
                aria-label="Take it off: {{ $name }}"
            >Take it off</button></form>
    @endforeach
</details>
<details>
    <summary>Passphrase</summary>
    @php($set = App\LocalNet\Passphrase::isSet())
    <p>For a shop where others pass by: the bench asks for it after a quarter of an hour without a touch. Phones that
        were
        let in are not asked. Lost it? Type <code>bin/glow passphrase --clear</code> on this machine.</p>
    <form
        class="row"
        method="post"
        action="{{ route('passphrase.set', [], false) }}"
    >@csrf
        @if ($set)
            <label>The one now <input
                    class="typed"
                    type="password"
                    name="now"
                    autocomplete="current-password"
                ></label>
        @endif
        <label>{{ $set ? 'The next' : 'Passphrase' }} <input
                class="typed"
                type="password"
                name="passphrase"
                autocomplete="new-password"
            ></label>
        <label>again <input
                class="typed"
                type="password"
                name="again"
                autocomplete="new-password"
            ></label>
        <button class="button is-small">Set it</button>
        @if ($set)
            <button
                class="button is-small"
                formaction="{{ route('passphrase.clear', [], false) }}"
            >Take it off</button>
        @endif
    </form>
    @if ($set)
        <form
            method="post"
            action="{{ route('passphrase.lock', [], false) }}"
        >@csrf<button class="button is-small">Lock the bench now</button></form>
    @endif
</details>
@php($door = App\LocalNet\Door::newest())
<details>
    <summary>At the door, in ninety days ({{ count($door) }})</summary>
    @if ($door === [])
        <p>Nothing yet.</p>
    @else
        <ul class="door">
            @foreach ($door as $row)
                <li><span class="figure">{{ $row['at'] }}</span> {{ $row['words'] }}</li>
            @endforeach
        </ul>
    @endif
</details>
