@include('frame.head', ['title' => 'This bench', 'preference' => $preference])

<body class="guide-page">
    <header class="top"><a
            class="brand"
            href="/"
            aria-label="Bench Glow, the builds wall"
        ><x-mark /> <span>Bench Glow</span></a></header>
    @include('phone.bar')
    <main class="guide bench-page">
        <h1>This bench</h1>
        @if (session('refused'))
            <p
                class="wrong"
                role="alert"
            >{{ session('refused') }}</p>
        @endif
        @include('frame.bench_form', ['page' => true])
    </main>
</body>

</html>
