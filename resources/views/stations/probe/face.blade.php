@if ($page)
    <div class="face probe-face">
        <div class="bank-row">
            <span>bank <span class="figure">{{ $page->bank() }}</span></span>
            <details>
                <summary>{{ $page->bankIsOld() ? 'measure it' : 'again' }}</summary>
                <x-form
                    op="bank"
                    echo="bank-echo"
                    render="all"
                >
                    <label for="bank">Red on plus, black where it stays</label>
                    <input
                        class="typed"
                        id="bank"
                        name="text"
                        size="6"
                        inputmode="decimal"
                        autocomplete="off"
                    ><button class="button is-small">Keep it</button><span
                        class="echo"
                        id="bank-echo"
                    ></span></x-form>
            </details>
        </div>
        @if ($last = $page->last())
            <p class="big figure teal">
                {{ App\Stations\Probe\ProbePage::figure($last) }}<small>{{ $last->word === null && $last->kind === 'volts' ? ' V' : '' }}</small>
            </p>
            <p class="at">last reading:
                {{ mb_strtolower($frame->names()->name($last->wire ?? explode('.', (string) $last->pin)[0])) }},
                {{ $page->conditionWords($last) }}</p>
        @else
            <p class="big figure">—</p>
            <p class="at">nothing read yet</p>
        @endif
        <dl class="small">
            @foreach ([
        'instrument' => [$page->instrument() === 'meter' ? 'meter' : 'test lamp', ['inst' => $page->instrument() === 'meter' ? 'test_lamp' : null], 'i'],
        'power' => [$page->powered() ? 'on' : 'off', ['off' => $page->powered() ? '1' : null], 'o'],
        'other tip' => [$page->to() === 'plus' ? 'plus' : 'ground', ['to' => $page->to() === 'plus' ? null : 'plus'], 'x'],
    ] as $what => [$is, $change, $key])
                @php($url = $frame->url(['hand' => '1', 'wire' => $page->judged?->wire->id, ...$change]))
                <div>
                    <dd><a
                            href="{{ $url }}"
                            hx-get="{{ $url }}"
                            hx-swap="none"
                            data-probe-key="{{ $key }}"
                            aria-label="{{ $what }}: {{ $is }}. Change it"
                        >{{ $is }}</a></dd>
                    <dt>{{ $what }}</dt>
                </div>
            @endforeach
        </dl>
    </div>
@endif
