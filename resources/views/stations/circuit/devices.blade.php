@php($S = BenchGlow\Quantity\Shown::class)
@if ($devices !== [])
    <details
        class="devices"
        open
    >
        <summary>Switches, relays and controllers ({{ count($devices) }})</summary>
        @foreach ($devices as $id => $device)
            <div
                class="says"
                data-part="{{ $id }}"
            ><span class="lead-name">{{ $device->label() }}</span>
                <x-blank
                    :id="$id"
                    field="label"
                    label="Name"
                    size="14"
                    :value="$device->ownLabel()"
                />
                @if ($device instanceof BenchGlow\Build\Device\FuseTapDevice)
                    <x-blank
                        :id="$id"
                        field="fuse_a"
                        label="its fuse"
                        :value="$page->amps($device->fuseA())"
                    />
                    <x-choose
                        :id="$id"
                        field="live_leg"
                        label="live leg"
                        :value="$device->liveLeg()"
                        :options="[
                            'common' => 'the common one',
                            'other' => 'the other one',
                            'unknown' => 'not probed',
                        ]"
                    />
                @else
                    <x-choose
                        :id="$id"
                        field="part"
                        op="use_part"
                        label="is a"
                        :value="$device->part->id"
                        :options="$page->partsFor($device)"
                        whole
                    />
                    @foreach ($device->part->positions as $n => $position)
                        @if ($n > 0)
                            <x-blank
                                :id="$id"
                                :field="'at.' . $position"
                                op="set_when"
                                :label="$position . ' when'"
                                size="20"
                                :value="$page->moved($device, $position)"
                            />
                        @endif
                    @endforeach
                    @foreach ($device->part->contacts as $contact)
                        @if ($contact->duty === null && $device instanceof BenchGlow\Build\Device\ControllerDevice)
                            <x-blank
                                :id="$id"
                                :field="$contact->id"
                                op="set_duty"
                                :label="'channel ' . $contact->id"
                                size="6"
                                :value="$S::plain(100 * $device->set($contact->id), 1) . ' %'"
                            />
                        @endif
                    @endforeach
                @endif
                <x-act
                    :edit="new BenchGlow\Edit\TakePartOut($id)"
                    class="is-small"
                    data-takes="{{ $id }}"
                    :aria-label="'Take it out: ' . BenchGlow\Quantity\Words::within($device->label())"
                >Take it out</x-act>
                @if (in_array($device->kind(), ['switch', 'relay'], true))
                    <x-act
                        :edit="new BenchGlow\Edit\SwapEnds($id)"
                        class="is-small"
                        data-swaps="{{ $id }}"
                        :aria-label="'Swap its ends: ' . BenchGlow\Quantity\Words::within($device->label())"
                    >Swap its ends</x-act>
                @endif
                @if ($device->part->contacts !== [])
                    <details class="pin-map">
                        <summary>Pins, and the test that proves them</summary>
                        <table class="table is-narrow">
                            <thead>
                                <tr>
                                    <th>Between</th>
                                    <th>Contact</th>
                                    <th>Bears</th>
                                    <th>Now</th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($device->part->contacts as $contact)
                                    <tr>
                                        <td class="figure">
                                            {{ str_replace('_', ' ', $contact->from . ' – ' . $contact->to) }}
                                        </td>
                                        <td>{{ App\Stations\Circuit\PinMap::when($contact->closedWhen) }}
                                        </td>
                                        <td class="figure">
                                            {{ $contact->maxA === null ? '—' : $S::amps($contact->maxA) }}
                                        </td>
                                        <td>{{ isset($frame->analysis->now[$frame->state()]->closed["{$id}.{$contact->id}"]) ? 'made' : 'broken' }},
                                            {{ $S::amps(abs($frame->analysis->states[$frame->state()]->amps["{$id}.{$contact->id}"] ?? 0)) }}
                                        </td>
                                    </tr>
                                @endforeach
                                @foreach ($device->part->senses() as $inside)
                                    <tr>
                                        <td class="figure">
                                            {{ str_replace('_', ' ', $inside->from . ' – ' . $inside->to) }}
                                        </td>
                                        <td>coil or input, {{ $S::ohms($inside->ohm()) }}: pulls in at
                                            {{ $S::volts($inside->pullInV()) }}, lets go at
                                            {{ $S::volts($inside->dropOutV()) }}</td>
                                        <td></td>
                                        <td>{{ $page->across($id, $inside) }}
                                        </td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                        <ol class="proof">
                            @foreach (App\Stations\Circuit\PinMap::test($device) as $line)
                                <li>{{ $line }}</li>
                            @endforeach
                        </ol>
                        @php($unused = App\Stations\Circuit\PinMap::unused($frame, $device))
                        @if ($unused !== [])
                            <p>Without a lead: {{ implode('; ', $unused) }}. Insulate each by itself.</p>
                        @endif
                    </details>
                @endif
            </div>
        @endforeach
        @foreach ($frame->analysis->build->leads as $lead)
            @if ($lead->circuit === $frame->circuit->id)
                @foreach ($lead->inline as $thing)
                    @if ($thing->kind === 'diode')
                        <div
                            class="says"
                            data-part="{{ $thing->id }}"
                        ><span class="lead-name">diode {{ $thing->id }}</span><x-choose
                                :id="$thing->id"
                                field="part"
                                op="use_part"
                                label="is a"
                                :value="$thing->part"
                                :options="$page->parts('diodes', 'diode')"
                                whole
                            /><x-act
                                :edit="new BenchGlow\Edit\SetField(
                                    $thing->id,
                                    'points',
                                    $thing->pointsTo ? 'from' : 'to',
                                )"
                                class="is-small"
                            >Turn it round</x-act></div>
                    @endif
                @endforeach
            @endif
        @endforeach
    </details>
@endif
