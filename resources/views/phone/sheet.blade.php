@include('frame.head', ['title' => 'Hold it on the phone', 'preference' => $preference])

<body class="guide-page">
    <header class="top"><a
            class="brand"
            href="/"
            aria-label="Bench Glow, the builds wall"
        ><x-mark /> <span>Bench Glow</span></a></header>
    @include('phone.bar')
    <main class="guide bench-page">
        <div
            id="phone-sheet"
            class="phone-sheet"
        >
            <h1>Hold it on the phone</h1>
            @if (session('door'))
                <p
                    class="wrong"
                    role="alert"
                >{{ session('door') }}</p>
            @endif
            @include($page->opening ? 'phone.opened' : 'phone.closed')
        </div>
    </main>
</body>

</html>
