@php($all = $cards?->cards())
@if ($all === null)
    <p class="muted">Other ways of laying it: {{ $cards->done ?? 0 }} of {{ $cards->of ?? 0 }} tried.
        @if ($cards?->isStopped())
            <a
                href="{{ $frame->to('layout.cards') }}"
                hx-get="{{ $frame->to('layout.cards') }}"
                hx-target="#arrangements"
                hx-swap="innerHTML"
                hx-include="unset"
            >Go on</a>
        @else
            <a
                href="{{ $frame->to('layout.cards') }}&stop=1"
                hx-get="{{ $frame->to('layout.cards') }}&stop=1"
                hx-target="#arrangements"
                hx-swap="innerHTML"
                hx-include="unset"
            >Stop</a>
            <span
                hx-get="{{ $frame->to('layout.cards') }}"
                hx-trigger="load delay:20ms"
                hx-target="#arrangements"
                hx-swap="innerHTML"
                hx-include="unset"
            ></span>
        @endif
    </p>
@else
    <ul class="arrangements">
        @foreach ($all as $n => $card)
            <li @class([
                'first' => $n === 0 && $card->edit !== null,
                'holds' => $card->holds,
            ])>
                <svg
                    viewBox="0 0 206 84"
                    width="206"
                    height="84"
                    aria-hidden="true"
                >
                    <image
                        href="data:image/png;base64,{{ $card->png }}"
                        x="{{ (206 - $card->wide) / 2 }}"
                        y="{{ (84 - $card->high) / 2 }}"
                        width="{{ $card->wide }}"
                        height="{{ $card->high }}"
                        preserveAspectRatio="none"
                    />
                </svg>
                <h2>
                    @if ($card->edit)
                        @php($look = $page->look($frame->own('arr') === (string) $n ? null : $n))
                        <a
                            href="{{ $look }}"
                            hx-get="{{ $look }}"
                            hx-swap="none"
                            hx-push-url="true"
                            @if ($frame->own('arr') === (string) $n) aria-current="true" @endif
                        >{{ $card->title }}</a>
                    @else
                        {{ $card->title }}
                    @endif
                </h2>
                <p><b class="figure">{{ $card->figure }}</b> {{ $card->of }}</p>
                <p class="muted">{{ $card->takes }}</p>
                <p>{{ $card->less }}</p>
                @if ($card->edit)
                    <x-act
                        :edit="$card->edit"
                        :to="$frame->toEditAt(['arr' => ''])"
                        @class(['is-primary' => $n === 0])
                    >{{ $n === 0 ? 'Use this arrangement' : 'Use this one' }}</x-act>
                @else
                    <p class="on-bench">on the bench</p>
                @endif
            </li>
        @endforeach
    </ul>
@endif
