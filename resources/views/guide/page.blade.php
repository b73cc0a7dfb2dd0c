@include('frame.head', ['title' => $guide->title($here), 'preference' => $preference])

<body
    class="guide-page"
    @if ($preference->keys_on) data-keys @endif
>
    <a
        class="skip"
        href="#plate"
    >To the page</a>
    @include('frame.bar')
    <main
        id="plate"
        class="guide"
        tabindex="-1"
    >
        <nav aria-label="Pages of the guide">
            <ul>
                @foreach ($guide->pages() as $page => $title)
                    <li><a
                            href="{{ route('guide', $page === App\Guide\Guide::FIRST ? null : $page, false) }}"
                            @class(['here' => $page === $here])
                            @if ($page === $here) aria-current="page" @endif
                        >{{ $title }}</a></li>
                @endforeach
            </ul>
        </nav>
        <article
            id="guide-text"
            class="guide-text"
        >{!! $guide->html($here) !!}</article>
    </main>
    @include('frame.foot')
</body>

</html>
