@include('frame.head', ['title' => 'Damaged', 'preference' => App\Models\Preference::row()])

<body>
    <main class="wall">
        <div
            class="conflict"
            role="alert"
        >
            <h1>{{ $damaged->getMessage() }}</h1>
            <p>Nothing is repaired silently. Take a copy of the database file before you go on.</p>
            @if ($damaged->soundAncestor !== null)
                <form
                    method="post"
                    action="{{ route('go-back', [$key, $damaged->soundAncestor], false) }}"
                >@csrf<input
                        type="hidden"
                        name="base0"
                        value="{{ $damaged->no }}"
                    ><button class="button is-primary">Go back to revision {{ $damaged->soundAncestor }}</button></form>
            @endif
            <a
                class="button"
                href="{{ route('wall', [], false) }}"
            >To the builds wall</a>
        </div>
    </main>
</body>

</html>
