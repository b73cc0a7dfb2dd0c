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
                {{ $word === '' ? 'Nothing hangs here yet. Start one below, or read in a build file.' : "No build here is called “{$word}”." }}
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
        @if ($down !== [])
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
                                    aria-label="Hang {{ $build->title }} back"
                                >Hang it back</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
        <section
            class="start"
            id="start"
        >
            <h2>Start a build: five questions, each may be skipped</h2>
            <form
                class="five"
                method="post"
                action="{{ route('builds.store', [], false) }}"
            >@csrf
                <fieldset>
                    <legend><b>1</b> Where will it glow?</legend><x-select
                        id="place"
                        label="on a"
                        name="place"
                    >
                        <option value="">skip</option>
                        @foreach (App\View\Shelf::places() as $key => $text)
                            <option
                                value="{{ $key }}"
                                @selected(old('place') === $key)
                            >{{ $text }}</option>
                        @endforeach
                    </x-select>
                    <x-field
                        id="title"
                        label="called"
                        name="title"
                        size="18"
                        :value="old('title')"
                        placeholder="Heron"
                    />
                </fieldset>
                <fieldset>
                    <legend><b>2</b> What feeds it?</legend><x-select
                        id="supply"
                        label="fed by"
                        name="supply"
                    >
                        <option value="">skip: what is usual there</option>
                        @foreach (App\View\Shelf::supplies() as $key => $text)
                            <option
                                value="{{ $key }}"
                                @selected(old('supply') === $key)
                            >{{ $text }}</option>
                        @endforeach
                    </x-select>
                </fieldset>
                <fieldset>
                    <legend><b>3</b> What glows?</legend><x-select
                        id="glows"
                        label="of"
                        name="part"
                    >
                        <option value="">skip: a warm strip</option>
                        @foreach (App\View\Shelf::shipped() as $group => $entries)
                            <optgroup label="{{ $group }}">
                                @foreach ($entries as $key => $text)
                                    <option
                                        value="{{ $key }}"
                                        @selected(old('part') === $key)
                                    >{{ $text }}</option>
                                @endforeach
                            </optgroup>
                        @endforeach
                    </x-select>
                    <x-field
                        id="amount"
                        label="length or count"
                        name="amount"
                        size="9"
                        :value="old('amount')"
                        placeholder="1 m"
                    /><x-field
                        id="light-label"
                        label="named"
                        name="label"
                        size="16"
                        :value="old('label')"
                        placeholder="Galley shelf"
                    />
                </fieldset>
                <fieldset>
                    <legend><b>4</b> When?</legend><x-select
                        id="when"
                        label="it glows"
                        name="when"
                    >
                        @foreach (App\Support\StartForm::WHEN as $key => $text)
                            <option
                                value="{{ $key }}"
                                @selected(old('when') === $key)
                            >{{ $text }}</option>
                        @endforeach
                    </x-select>
                </fieldset>
                <fieldset>
                    <legend><b>5</b> What must it put up with?</legend><label class="pick"><input
                            type="checkbox"
                            name="no_drill"
                            value="1"
                            @checked(old('no_drill'))
                        > no drilling</label><x-field
                        id="comes-apart"
                        label="comes apart at"
                        name="comes_apart"
                        size="14"
                        :value="old('comes_apart')"
                    /><x-field
                        id="wet"
                        label="wet at"
                        name="wet"
                        size="14"
                        :value="old('wet')"
                    /><x-field
                        id="budget"
                        label="budget"
                        name="budget"
                        size="8"
                        :value="old('budget')"
                        placeholder="60"
                    />
                </fieldset>
                <button class="button is-primary">Start a build</button>
            </form>
            <form
                method="post"
                action="{{ route('builds.example', [], false) }}"
            >@csrf<div class="says"><x-select
                        id="example"
                        label="Or from an example"
                        name="example"
                        :options="App\Store\Demo::titles()"
                    /><button class="button">Start from it</button></div>
            </form>
            <form
                method="post"
                action="{{ route('builds.import', [], false) }}"
                enctype="multipart/form-data"
            >@csrf<div class="says"><x-field
                        id="file"
                        label="Or from a build file"
                        name="file"
                        type="file"
                        accept=".json,application/json"
                    /><button class="button">Read it in</button></div>
            </form>
        </section>
    </main>
    @include('frame.foot')
</body>

</html>
