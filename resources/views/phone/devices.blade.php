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
                    <x-sheet-form
                        :to="route('phone.give', $device, false)"
                        :page="$page"
                        class="says"
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
                    </x-sheet-form>
                </li>
            @endforeach
        </ul>
        <x-sheet-form
            :to="route('phone.end-all', [], false)"
            :page="$page"
        ><button class="button is-small">End all</button></x-sheet-form>
    </details>
@endif
