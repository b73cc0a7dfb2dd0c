@php($devices = $page->devices())
@if ($devices !== [])
    <details
        class="devices"
        @if (count($devices) < 4) open @endif
    >
        <summary>Let in ({{ count($devices) }})</summary>
        <ul>
            @foreach ($devices as $device)
                <li class="device">
                    <form
                        class="says"
                        method="post"
                        action="{{ route('phone.give', $device, false) }}"
                        hx-post="{{ route('phone.give', $device, false) }}"
                        hx-target="#phone-in"
                        hx-select="#phone-sheet"
                        hx-swap="innerHTML"
                        hx-include="this"
                    >@csrf<input
                            type="hidden"
                            name="to"
                            value="{{ $page->to }}"
                        ><input
                            class="typed"
                            name="called"
                            value="{{ $device->name }}"
                            size="12"
                            maxlength="40"
                            aria-label="Name of {{ $device->name }}"
                        ><button
                            class="button is-small"
                            formaction="{{ route('phone.name', $device, false) }}"
                            hx-post="{{ route('phone.name', $device, false) }}"
                        >Call it so</button>
                        <span class="muted">{{ $device->kind }}, seen
                            {{ App\Support\WallClock::day($device->seen_at) }}{{ $device->person ? ', writes as ' . $device->person->name : '' }}</span>
                        <span class="select"><select
                                class="typed"
                                name="rights"
                                aria-label="What {{ $device->name }} may"
                            >
                                @foreach (App\LocalNet\Right::GIVEN as $right => $words)
                                    <option
                                        value="{{ $right }}"
                                        @selected($device->rights === $right)
                                    >{{ $words }}</option>
                                @endforeach
                            </select></span><button class="button is-small">Let it</button>
                        <button
                            class="button is-small"
                            formaction="{{ route('phone.end', $device, false) }}"
                            hx-post="{{ route('phone.end', $device, false) }}"
                            aria-label="End it: {{ $device->name }}"
                        >End it</button>
                    </form>
                </li>
            @endforeach
        </ul>
        <form
            method="post"
            action="{{ route('phone.end-all', [], false) }}"
            hx-post="{{ route('phone.end-all', [], false) }}"
            hx-target="#phone-in"
            hx-select="#phone-sheet"
            hx-swap="innerHTML"
            hx-include="this"
        >@csrf<input
                type="hidden"
                name="to"
                value="{{ $page->to }}"
            ><button class="button is-small">End all</button></form>
    </details>
@endif
