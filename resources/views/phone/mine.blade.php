@include('frame.head', ['title' => 'This ' . $device->kind, 'preference' => $preference])

<body class="guide-page">
    <header class="top"><a
            class="brand"
            href="/"
            aria-label="Bench Glow, the builds wall"
        ><x-mark /> <span>Bench Glow</span></a></header>
    <main class="guide bench-page">
        <h1>{{ $device->isBench() ? 'This bench' : $device->name }}</h1>
        @unless ($device->isBench())
            <p>It may {{ $device->right()->given() }}. More is given at the bench, under Hold it on the
                phone.</p>
            <form
                method="post"
                action="{{ route('phone.hold', [], false) }}"
            >@csrf
                <fieldset>
                    <legend>The thumb that keeps is</legend>
                    @foreach (['right' => 'the right', 'left' => 'the left'] as $thumb => $words)
                        <label class="pick"><input
                                type="radio"
                                name="thumb"
                                value="{{ $thumb }}"
                                @checked($device->thumb === $thumb)
                            > {{ $words }}</label>
                    @endforeach
                </fieldset>
                <button class="button is-primary">Set it</button>
            </form>
            <h2>Trust this bench</h2>
            <p>Take its authority in, and the phone warns no more and keeps pages that were opened for when the net is gone.
                Compare the SHA-256 fingerprint the phone shows while it takes it in with the one here and with the words at
                the bench.</p>
            @if ($fingerprint)
                <p class="figure print">{{ $fingerprint->hex() }}</p>
                <p class="words">{{ implode(' ', $fingerprint->words()) }}</p>
                <p><a
                        class="button"
                        href="{{ route('phone.authority', [], false) }}"
                    >Take the authority in</a></p>
            @endif
            <form
                method="post"
                action="{{ route('phone.leave', [], false) }}"
                data-leaves
            >@csrf<button class="button">End this {{ $device->kind }} here</button></form>
        @endunless
        @include('frame.foot')
    </main>
</body>

</html>
