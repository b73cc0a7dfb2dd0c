{{-- Stands on its own: whatever failed, a database, a session, this page can do without. --}}
@php($bench = rescue(fn() => App\Models\Preference::row()->bench, 'system', false))
<!DOCTYPE html>
<html
    lang="en"
    @if ($bench !== 'system') data-theme="{{ $bench === 'night' ? 'dark' : 'light' }}" @endif
>

<head>
    <meta charset="utf-8">
    <meta
        name="viewport"
        content="width=device-width, initial-scale=1"
    >
    <meta
        name="color-scheme"
        content="light dark"
    >
    <title>@yield('title') · Bench Glow</title>
    <link
        rel="icon"
        href="/assets/mark.svg"
        type="image/svg+xml"
    >
    @foreach (['bulma.min.css', 'fonts.css', 'glow.css'] as $style)
        <link
            rel="stylesheet"
            href="/assets/{{ $style }}"
        >
    @endforeach
</head>

<body class="guide-page">
    <header class="top"><a
            class="brand"
            href="/"
            aria-label="Bench Glow, the builds wall"
        ><x-mark /> <span>Bench Glow</span></a></header>
    <main class="guide">
        <article class="guide-text">
            <h1>@yield('title')</h1>
            <p>@yield('says')</p>
            <p>@yield('kept')</p>
            <p class="row">
                @yield('ways')
                <a
                    class="button"
                    href="/"
                >To the builds wall</a>
            </p>
        </article>
    </main>
</body>

</html>
