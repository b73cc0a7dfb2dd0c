<!DOCTYPE html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta
        name="viewport"
        content="width=device-width, initial-scale=1"
    >
    <title>Six digits · Bench Glow</title>
    {!! $style !!}
</head>

<body>
    <main>
        <h1>Type the six digits the bench shows.</h1>
        @if ($said !== '')
            <p
                class="wrong"
                role="alert"
            >{{ $said }}</p>
        @endif
        <form
            method="post"
            action="/pair"
        >
            <fieldset>
                <legend>Digits</legend>
                @for ($n = 1; $n <= App\LocalNet\Pairings::DIGITS; $n++)
                    <input
                        class="digit"
                        name="digits[]"
                        inputmode="numeric"
                        pattern="[0-9]*"
                        maxlength="{{ $n === 1 ? 6 : 1 }}"
                        autocomplete="{{ $n === 1 ? 'one-time-code' : 'off' }}"
                        aria-label="Digit {{ $n }}"
                        value="{{ $digits[$n - 1] ?? '' }}"
                        @if ($n === 1 + count(array_filter($digits, strlen(...)))) autofocus @endif
                    >
                @endfor
            </fieldset>
            <label
                class="says"
                for="name"
            >Your name, for who did what (can stay empty)</label>
            <input
                class="name"
                id="name"
                name="name"
                maxlength="40"
                value="{{ $name }}"
                autocomplete="off"
            >
            <button>Come in</button>
        </form>
        <p class="muted">They stand at the bench under Hold it on the phone, and change every two minutes.</p>
    </main>
    {!! $script !!}
</body>

</html>
