@php($shelf = App\View\Shelf::class)
@php($rows = $page->leadRows())
@php($missing = array_filter($rows, fn($r) => $r->lead->lengthM === null))
@php($only = $frame->own('leads') === 'missing' && $missing !== [])
<div id="leads">
    @if ($rows !== [])
        <details
            class="leads"
            @if (count($rows) <= 3 || $frame->own('leads') !== '') open @endif
        >
            <summary data-leads>
                {{ count($rows) === 1 ? 'Its lead' : 'Its ' . count($rows) . ' leads' }}{{ match (count($missing)) {
                    0 => '',
                    1 => ', one without a length',
                    default => ', ' . count($missing) . ' without a length',
                } }}
            </summary>
            @foreach ($only ? $missing : $rows as $row)
                @php($lead = $row->lead)
                @php($figures = $frame->analysis->leads[$lead->id])
                <div
                    class="lead-row {{ $row->state }}"
                    data-part="{{ $lead->id }}"
                >
                    <span class="lead-end"><span>{{ $row->from }}</span></span>
                    <div class="lead-on">
                        <x-blank
                            :id="$lead->id"
                            field="length_m"
                            label="length"
                            size="7"
                            :value="$lead->lengthM === null
                                ? ''
                                : BenchGlow\Quantity\Shown::forField(
                                    BenchGlow\Quantity\Unit::Length,
                                    $lead->lengthM,
                                    $frame->preference->units,
                                )"
                            :echo="$lead->lengthM === null
                                ? 'missing'
                                : BenchGlow\Quantity\Shown::bothLengths($lead->lengthM, $frame->preference->units)"
                        />
                        <x-choose
                            :id="$lead->id"
                            field="wire"
                            op="set_wire"
                            label="wire"
                            :value="$lead->wire === null ? 'recommended' : $shelf::wireKey($figures->wire)"
                            :options="$shelf::wires($figures, $frame->preference->wire)"
                        />
                        @foreach ($lead->inline as $thing)
                            @if ($thing->kind === 'fuse')
                                <x-choose
                                    :id="$thing->id"
                                    field="fuse_a"
                                    :label="'fuse ' . $thing->id"
                                    :value="$thing->fuseA === null
                                        ? 'recommended'
                                        : BenchGlow\Quantity\Shown::plain($thing->fuseA) . ' A'"
                                    :options="$shelf::fuses($frame->analysis->fuses[$thing->id], $thing->form)"
                                />
                                <x-blank
                                    :id="$thing->id"
                                    field="at_m"
                                    label="set in at"
                                    size="6"
                                    :value="BenchGlow\Quantity\Shown::forField(
                                        BenchGlow\Quantity\Unit::Length,
                                        $thing->atM,
                                        $frame->preference->units,
                                    )"
                                />
                            @elseif($thing->kind === 'resistor')
                                <x-blank
                                    :id="$thing->id"
                                    field="ohm"
                                    size="7"
                                    :label="'resistor ' . $thing->id"
                                    :value="BenchGlow\Quantity\Shown::ohms($thing->ohm)"
                                />
                            @endif
                        @endforeach
                    </div>
                    <span class="lead-end"><span>{{ $row->to }}</span></span>
                    <div class="lead-acts">
                        @foreach ($row->opens as [$label, $url])
                            <a
                                class="button is-small"
                                href="{{ $url }}#opened"
                                hx-get="{{ $url }}"
                                hx-swap="none"
                                hx-push-url="true"
                                aria-label="{{ $label }}: {{ $row->from }} to {{ $row->to }}"
                            >{{ $label }}</a>
                        @endforeach
                        @foreach ($lead->inline as $thing)
                            @if ($thing->kind !== 'plug')
                                <x-act
                                    :edit="new BenchGlow\Edit\TakePartOut($thing->id)"
                                    class="is-small"
                                    data-takes="{{ $thing->id }}"
                                >Take {{ $thing->kind }} {{ $thing->id }} out</x-act>
                                @if ($thing->kind === 'diode')
                                    <x-act
                                        :edit="new BenchGlow\Edit\SwapEnds($thing->id)"
                                        class="is-small"
                                        data-swaps="{{ $thing->id }}"
                                    >Turn {{ $thing->id }} round</x-act>
                                @endif
                            @endif
                        @endforeach
                        @if (array_filter($lead->inline, fn($t) => $t->kind === 'plug') === [])
                            <x-form
                                op="add_plug"
                                render="all"
                                :with="['id' => $lead->id]"
                                class="act"
                            ><button
                                    class="button is-small"
                                    aria-label="Put a plug in {{ BenchGlow\Quantity\Words::within($lead->label) }}"
                                >Put a plug in</button></x-form>
                        @else
                            @php($plug = array_values(array_filter($lead->inline, fn($t) => $t->kind === 'plug'))[0])
                            <x-act
                                :edit="$page->unplug($lead, $plug)"
                                class="is-small"
                                :aria-label="'Take the plug out of ' . BenchGlow\Quantity\Words::within($lead->label)"
                            >Take the plug out</x-act>
                        @endif
                    </div>
                </div>
            @endforeach
            {{-- On a phone a lead at a time, its length in large figures, with keys of its own for a dirty thumb. --}}
            <div
                class="keypad"
                hidden
            >
                @foreach (['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as $key)
                    <button
                        class="button"
                        type="button"
                        data-types="{{ $key }}"
                    >{{ $key }}</button>
                @endforeach
                <button
                    class="button"
                    type="button"
                    data-types="back"
                    aria-label="Take the last sign back"
                >⌫</button>
                @foreach ($frame->preference->units === 'imperial' ? ['ft', 'in', ' '] : ['m', 'cm', 'mm'] as $unit)
                    <button
                        class="button"
                        type="button"
                        data-types="{{ ' ' . $unit }}"
                    >{{ $unit === ' ' ? 'space' : $unit }}</button>
                @endforeach
                <button
                    class="button"
                    type="button"
                    data-types="all"
                >All leads</button>
                <button
                    class="button is-primary"
                    type="button"
                    data-types="next"
                >Keep, next lead</button>
            </div>
            @if ($only)
                <p><a href="{{ $frame->url(['leads' => '1']) }}">All {{ count($rows) }} leads</a></p>
            @endif
        </details>
    @endif
</div>
