<header class="layout-head">
    @include('stations.layout.said', ['oob' => false])
    @foreach (['D' => ['Light', $page->litThrow()], 'B' => ['Side', $page->sideThrow()]] as $key => [$what, $throw])
        @continue($throw === [])
        <div
            class="changeover"
            role="group"
            aria-label="{{ $what }}"
        >
            <svg
                viewBox="0 0 44 44"
                width="44"
                height="44"
                aria-hidden="true"
            >
                <path
                    class="arm"
                    d="M8 22L{{ $throw[0]['here'] ? '36 8' : '36 36' }}"
                />
                <circle
                    cx="8"
                    cy="22"
                    r="4.5"
                />
                <circle
                    cx="38"
                    cy="8"
                    r="4.5"
                />
                <circle
                    cx="38"
                    cy="36"
                    r="4.5"
                />
            </svg>
            @foreach ($throw as $post)
                <a
                    href="{{ $post['url'] }}"
                    hx-get="{{ $post['url'] }}"
                    hx-swap="none"
                    hx-push-url="true"
                    @if ($post['here']) aria-current="true" @else data-layout-key="{{ strtolower($key) }}" @endif
                >{{ $post['label'] }}</a>
            @endforeach
        </div>
    @endforeach
</header>
@if (count($page->chips()) + count($page->unlaid()) > 1)
    <nav
        class="chips"
        aria-label="Layouts here"
    >
        @foreach ($page->chips() as $chip)
            <a
                href="{{ $chip['url'] }}"
                hx-get="{{ $chip['url'] }}"
                hx-swap="none"
                hx-push-url="true"
                @if ($chip['here']) aria-current="true" @endif
            >{{ $chip['label'] }}</a>
        @endforeach
        @foreach ($page->unlaid() as $light)
            <x-act :edit="$page->layOut($light)">Lay out {{ BenchGlow\Quantity\Words::within($light->label) }}</x-act>
        @endforeach
    </nav>
@endif
