@include('frame.head', ['title' => 'Builds', 'preference' => $preference])

<body
    class="wall-page"
    @if ($preference->keys_on) data-keys @endif
>
    <a
        class="skip"
        href="#plate"
    >To the builds</a>
    @include('frame.bar', ['guidePage' => 'wall'])
    <main
        id="plate"
        class="wall"
    >
        <h1 class="is-sr-only">Builds</h1>
        @if (session('refused'))
            <p class="refused"><span
                    class="wrong"
                    role="alert"
                >{{ session('refused') }}</span></p>
        @endif
        @if (session('said'))
            <div class="notice row"><span>{{ session('said') }}</span>
                <form
                    method="post"
                    action="{{ route('hang-back', session('down'), false) }}"
                >@csrf<button class="button is-small">Hang it back</button></form>
            </div>
        @endif
        @can('reach', 'builds.store')
            @include('wall.start')
        @endcan
        <div
            class="rail"
            aria-hidden="true"
        ></div>
        @if ($count > 8 || $word !== '')
            <form
                class="row find-build"
                method="get"
                action="{{ route('wall', [], false) }}"
                role="search"
            >
                <x-field
                    id="find-build"
                    label="Find a build"
                    name="q"
                    :value="$word"
                    size="18"
                />
                <x-select
                    id="sort-builds"
                    label="in order of"
                    name="sort"
                    :value="$sort"
                    :options="['hung' => 'hanging', 'changed' => 'the last change', 'title' => 'their names']"
                />
                <button class="button">Look</button>
                @if ($word !== '')
                    <a href="{{ route('wall', [], false) }}">All builds</a>
                @endif
            </form>
        @endif
        @if ($count === 0)
            <p class="quiet">
                {{ $word === '' ? 'Nothing hangs here yet. Start one above, or read in a build file.' : "No build here is called “{$word}”." }}
            </p>
        @endif
        @php($open = count(array_filter($cards, fn($c) => $c->summary === null)))
        <p
            id="solving"
            class="quiet solving"
            role="status"
            data-of="{{ $open }}"
            @if ($open === 0) hidden @endif
        >{{ $open }} still to be solved.</p>
        <ul
            class="hung"
            id="hung"
        >
            @foreach ($cards as $card)
                @include($card->summary === null ? 'wall.pending' : 'wall.card')
            @endforeach
        </ul>
        @if ($pages > 1)
            <nav
                class="row pages"
                aria-label="More builds"
            >
                @if ($page > 1)
                    <a
                        class="button"
                        href="{{ route('wall', ['q' => $word, 'sort' => $sort, 'page' => $page - 1], false) }}"
                    >The ones before</a>
                @endif
                <span>{{ ($page - 1) * App\Wall\Wall::AT_A_TIME + 1 }} to
                    {{ min($count, $page * App\Wall\Wall::AT_A_TIME) }} of {{ $count }}</span>
                @if ($page < $pages)
                    <a
                        class="button"
                        href="{{ route('wall', ['q' => $word, 'sort' => $sort, 'page' => $page + 1], false) }}"
                    >The next ones</a>
                @endif
            </nav>
        @endif
        @if ($down !== [] && Illuminate\Support\Facades\Gate::allows('reach', 'hang-back'))
            <details class="taken-down">
                <summary>Taken down ({{ count($down) }})</summary>
                <ul>
                    @foreach ($down as $build)
                        <li class="row">
                            <span>{{ $build->title }}, {{ substr($build->deleted_at, 0, 10) }}</span>
                            <form
                                method="post"
                                action="{{ route('hang-back', $build, false) }}"
                            >
                                @csrf
                                <button
                                    class="button is-small"
                                    aria-label="Hang it back: {{ $build->title }}"
                                >Hang it back</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
    </main>
    @include('frame.foot')
</body>

</html>
