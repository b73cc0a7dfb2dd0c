@if ($page)
    <div class="face probe-face">
        <div class="bank-row">
            <span>bank <span class="figure">{{ $page->host()->bank() }}</span></span>
            <x-bank
                :summary="$page->host()->bankIsOld() ? 'measure it' : 'again'"
                plus="Red on plus, black where it stays"
            >
                <label for="bank-post">and black on the minus post</label>
                <input
                    class="typed"
                    id="bank-post"
                    name="post"
                    size="6"
                    inputmode="decimal"
                    autocomplete="off"
                >
            </x-bank>
        </div>
        @if ($last = $page->probing->last())
            <p class="big figure teal">
                {{ App\Stations\Probe\ProbePage::figure($last) }}<small>{{ $last->word === null && $last->kind === 'volts' ? ' V' : '' }}</small>
            </p>
            <p class="at">last reading:
                {{ mb_strtolower($frame->names()->name($last->wire ?? explode('.', (string) $last->pin)[0])) }},
                {{ $page->conditionWords($last) }}</p>
            @if ($page->host()->asks() !== '')
                <p class="at">{{ $page->host()->asks() }}</p>
            @endif
        @else
            <p class="big figure">—</p>
            <p class="at">nothing read yet</p>
        @endif
        @include('stations.probe.set_up')
    </div>
@endif
