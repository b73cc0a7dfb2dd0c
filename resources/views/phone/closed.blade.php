@php($networks = $page->networks())
<p>The phone shows {{ $page->reached() }} and writes straight into it. Nobody else gets in: the phone asks for six
    digits
    that stand here, and all goes encrypted over your own net. Nothing leaves it.</p>
@if ($networks === [])
    <p class="caution">No local net on this machine: cable or join one, then press again.</p>
@endif
<x-sheet-form
    :to="route('phone.open', [], false)"
    :page="$page"
    class="open-net"
>
    <fieldset>
        <legend>At the address</legend>
        @foreach ($networks as $address => $interface)
            <label class="pick"><input
                    type="radio"
                    name="address"
                    value="{{ $address }}"
                    @checked(old('address', (string) array_key_first($networks)) === (string) $address)
                > <span class="figure">{{ $address }}</span> on {{ $interface }}</label>
        @endforeach
        <label class="pick">or <input
                class="typed"
                name="typed"
                value="{{ old('typed') }}"
                size="15"
                placeholder="192.168.1.20"
                aria-label="Another address of this machine"
                autocomplete="off"
            ></label>
        <label class="pick">port <input
                class="typed"
                name="port"
                value="{{ old('port', (string) App\LocalNet\Opening::PORT) }}"
                size="6"
                inputmode="numeric"
                autocomplete="off"
            ></label>
    </fieldset>
    <fieldset>
        <legend>For</legend>
        @foreach (App\LocalNet\Opening::HOURS as $hours => $words)
            <label class="pick"><input
                    type="radio"
                    name="hours"
                    value="{{ $hours }}"
                    @checked(old('hours', '4') === (string) $hours)
                > {{ $words }}</label>
        @endforeach
    </fieldset>
    <p class="says"><label for="open-word">Type <b>open</b></label>
        <input
            class="typed"
            id="open-word"
            name="word"
            value="{{ old('word') }}"
            size="8"
            autocomplete="off"
            autocapitalize="off"
        ><button class="button is-primary">Open to the local net</button>
    </p>
</x-sheet-form>
@include('phone.devices')
