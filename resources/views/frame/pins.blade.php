@php($pins = $frame->pins())
<section
    class="pins"
    id="pins"
    aria-label="Pins"
>
    @if ($pins === [])
        <p class="quiet">
            @if ($frame->circuit)
                {{ $frame->quietWords() }}
            @endif
        </p>
    @endif
    <ol>
        @foreach ($pins as $n => $finding)
            <li
                id="pin-{{ $n + 1 }}"
                class="pin {{ $finding->severity->value }}"
                tabindex="-1"
            >
                <a
                    class="number"
                    href="#drawing"
                    data-shows="{{ $finding->subject }}"
                    aria-label="Pin {{ $n + 1 }}, show its place"
                >{{ $n + 1 }}</a>
                <div>
                    <p><x-severity :of="$finding->severity->value" /> {{ $frame->names()->sentence($finding->message) }}</p>
                    @php($tried = $frame->tried($finding))
                    @if ($tried)
                        <x-act
                            :edit="$finding->edit"
                            class="is-primary is-small fix"
                        >{{ $finding->fix }}</x-act>
                        @if ($tried->says() !== '')
                            <p class="reaches">{{ $frame->names()->sentence($tried->says()) }}</p>
                        @endif
                    @elseif ($finding->rule === 'lead.undecided')
                        @include('frame.lengths', ['leads' => $finding->places(), 'n' => $n])
                    @elseif (in_array($finding->rule, ['compose.drifted', 'intent.not_met'], true) && $finding->circuit !== null)
                        <a
                            class="button is-small fix"
                            href="{{ $frame->url(['station' => 'circuit', 'c' => $finding->circuit, 'wish' => '1']) }}#wish"
                        >See the circuits for it</a>
                    @elseif ($proof = App\Stations\Prove\Gateway::to($frame, $finding))
                        <a
                            class="button is-small fix"
                            href="{{ $proof }}"
                        >{{ $finding->rule === 'hunt.open' ? 'Go on looking' : 'Open that gate' }}</a>
                    @endif
                    @if ($finding->severity !== BenchGlow\Check\Severity::Danger)
                        <details class="aside">
                            <summary>Set aside</summary>
                            <x-form
                                op="accept"
                                :echo="'aside-' . $n"
                                render="all"
                                :with="['rule' => $finding->rule, 'subject' => implode(' ', $finding->places())]"
                            >
                                <label for="why-{{ $n }}">Because</label><input
                                    class="typed"
                                    id="why-{{ $n }}"
                                    name="reason"
                                    size="18"
                                    autocomplete="off"
                                ><button class="button is-small">Set it aside</button><span
                                    class="echo"
                                    id="aside-{{ $n }}"
                                ></span></x-form>
                        </details>
                    @endif
                </div>
            </li>
        @endforeach
    </ol>
    @foreach ($frame->setAside() as $finding)
        <div class="set-aside">
            <p>Set aside: {{ $frame->names()->sentence($finding->message) }}
                <em>“{{ $finding->acceptedBecause }}”</em>
            </p><x-act
                :edit="new BenchGlow\Edit\Unaccept($finding->rule, $finding->subject)"
                class="is-small"
            >Look at it again</x-act>
        </div>
    @endforeach
</section>
