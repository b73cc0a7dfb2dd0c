@include('frame.head', ['title' => 'Quick sums', 'preference' => $preference])

<body
    class="sums-page"
    @if ($preference->keys_on) data-keys @endif
>
    <a
        class="skip"
        href="#plate"
    >To the sum</a>
    @include('frame.bar', ['guidePage' => 'sums'])
    <main
        id="plate"
        class="sums"
    >
        <h1 class="is-sr-only">Quick sums: {{ App\View\Sum::KINDS[$sum->kind] }}</h1>
        @if (session('refused'))
            <p class="refused"><span
                    class="wrong"
                    role="alert"
                >{{ session('refused') }}</span></p>
        @endif
        {{-- One sentence: its first blank says what is asked. It stands outside the form, which asks on while one types. --}}
        <div class="says big-says sum-sentence">
            <x-select
                id="s-ask"
                label="I ask"
                name="ask"
                form="sum-form"
                :options="App\View\Sum::KINDS"
                :value="$sum->kind"
                :hx-get="route('sums', [], false)"
                hx-include="#s-ask, #sum-form"
                hx-trigger="change"
                hx-select="#plate"
                hx-target="#plate"
                hx-swap="outerHTML"
                hx-push-url="true"
            />
            <form
                id="sum-form"
                class="says"
                method="get"
                action="{{ route('sums', [], false) }}"
                hx-get="{{ route('sums.show', $sum->kind, false) }}"
                hx-trigger="input delay:180ms, change"
                hx-select="#sum"
                hx-target="#sum"
                hx-swap="outerHTML"
                hx-push-url="true"
                hx-sync="this:replace"
            >@yield('sentence')<noscript><button class="button is-small">Work it out</button></noscript></form>
        </div>
        <div id="sum">
            @yield('answer')
            @hasSection('keep')
                <section class="keep">
                    <h2>Keep on a build</h2>
                    <form
                        method="post"
                        action="{{ route('sums.keep', $sum->kind, false) }}"
                    >@csrf @foreach ($sum->query() as $name => $value)
                            <input
                                type="hidden"
                                name="{{ $name }}"
                                value="{{ $value }}"
                            >
                        @endforeach
                        <div class="says"><x-field
                                id="keep-label"
                                label="as circuit"
                                name="label"
                                size="14"
                                :value="$__env->yieldContent('keep')"
                            />
                            <x-select
                                id="keep-onto"
                                label="on"
                                name="onto"
                            >
                                <option value="new">a new build</option>
                                @foreach ($builds as $build)
                                    <option value="{{ $build->key }}">{{ $build->title }}</option>
                                @endforeach
                            </x-select>
                            <x-field
                                id="keep-title"
                                label="its name, if new"
                                name="title"
                                size="14"
                            /><button class="button is-primary">Keep it</button>
                        </div>
                    </form>
                </section>
            @endif
        </div>
    </main>
    @include('frame.foot')
</body>

</html>
