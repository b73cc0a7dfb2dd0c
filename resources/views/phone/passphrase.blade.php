@include('frame.head', ['title' => 'Passphrase', 'preference' => $preference])

<body class="guide-page">
    <main class="guide bench-page locked">
        <h1>The bench is locked</h1>
        @if ($said !== '')
            <p
                class="wrong"
                role="alert"
            >{{ $said }}</p>
        @endif
        <form
            method="post"
            action="{{ route('passphrase.typed', [], false) }}"
        >@csrf
            <p class="says"><label for="passphrase">Passphrase</label>
                <input
                    class="typed"
                    type="password"
                    id="passphrase"
                    name="passphrase"
                    autocomplete="current-password"
                    autofocus
                ><button class="button is-primary">Unlock it</button>
            </p>
        </form>
        <p class="muted">Lost it? On this machine type <code>bin/glow passphrase --clear</code>.</p>
    </main>
</body>

</html>
