@php($came = $page->cameIn())
@if ($came)
    <p class="came-in"><b>{{ $came->name }} is in.</b> It may {{ $came->right()->given() }}. That code was for one
        phone; here is the next.</p>
@endif
@if ($page->opening === null)
    <p class="caution">The bench is closed to the net.</p>
@elseif ($pairing = $page->pairing())
    @php([$side, $path] = $page->qr())
    <div class="code">
        <svg
            class="qr"
            viewBox="0 0 {{ $side }} {{ $side }}"
            width="240"
            height="240"
            role="img"
            aria-label="Code with the address {{ $page->opening->url() }}/pair"
            shape-rendering="crispEdges"
        >
            <rect
                width="{{ $side }}"
                height="{{ $side }}"
                fill="#ffffff"
            />
            <path
                d="{{ $path }}"
                fill="#000000"
            />
        </svg>
        <div>
            <p>Point the phone's camera here, then type</p>
            <p class="six">{{ substr($pairing->code, 0, 3) }} {{ substr($pairing->code, 3) }}</p>
            <p>within {{ $page->lasts($pairing) }} s. It opens <b>{{ $page->reached() }}</b> at <span
                    class="figure">{{ $page->opening->where() }}</span>; the bench is open
                {{ $page->opening->untilWords() }}.</p>
            <noscript>
                <p><a href="{{ route('phone', ['to' => $page->to, 'rights' => $page->right->value], false) }}">Look
                        again</a></p>
            </noscript>
        </div>
    </div>
@else
    <p class="caution">Wrong digits were typed five times. The next code comes in {{ $page->pause() }} s.</p>
@endif
