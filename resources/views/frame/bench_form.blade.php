<form
    method="post"
    action="{{ route('bench', [], false) }}"
>@csrf
    @foreach (App\Frame\BenchSettings::ALL as $name => [$legend, $choices])
        <fieldset>
            <legend>{{ $legend }}</legend>
            @foreach ($choices as $value => $text)
                <label class="pick"><input
                        type="radio"
                        name="{{ $name }}"
                        value="{{ $value }}"
                        @checked((string) $preference->{$name} === (string) $value)
                    > {{ $text }}</label>
            @endforeach
        </fieldset>
    @endforeach
    <fieldset>
        <legend>Clock</legend>
        <label for="zone">Time zone</label>
        <input
            class="typed"
            id="zone"
            name="zone"
            value="{{ $preference->zone }}"
            placeholder="{{ App\Support\WallClock::machine() }}, the machine's"
            size="28"
            autocomplete="off"
        >
    </fieldset>
    @php($backups = rescue(fn() => App\Store\Backups::all(), [], false))
    <details>
        <summary>Backups ({{ count($backups) }})</summary>
        @if ($backups === [])
            <p>None yet. One a day is made while the bench runs.</p>
        @else
            <ul>
                @foreach ($backups as $backup)
                    <li>{{ $backup['name'] }}, <span
                            class="figure">{{ BenchGlow\Quantity\Shown::plain($backup['bytes'] / 1e6, 2) }} MB</span>
                    </li>
                @endforeach
            </ul>
            <p>To put one back, stop the bench and type <code>bin/glow restore</code> and its name.</p>
        @endif
    </details>
    <div class="row"><button
            class="button is-primary"
            type="submit"
        >Set the bench</button>
        @unless ($page)
            <a
                class="button"
                href="{{ route('phone', [], false) }}"
                data-open="phone"
            >Hold it on the phone</a>
        @endunless
        @unless ($page)
            <button
                class="button"
                type="button"
                data-lights-out
            >Lights out</button> <button
                class="button"
                type="button"
                data-close
            >Close</button>
        @endunless
    </div>
</form>
@include('phone.bench')
