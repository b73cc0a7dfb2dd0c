<!DOCTYPE html>
<html
    lang="en"
    @class(['still' => $preference->still])
    @if ($preference->bench !== 'system') data-theme="{{ $preference->bench === 'night' ? 'dark' : 'light' }}" @endif
>

<head>
    <meta charset="utf-8">
    <meta
        name="viewport"
        content="width=device-width, initial-scale=1"
    >
    <meta
        name="color-scheme"
        content="{{ ['day' => 'light', 'night' => 'dark'][$preference->bench] ?? 'light dark' }}"
    >
    <meta
        name="csrf-token"
        content="{{ csrf_token() }}"
    >
    <meta
        name="htmx-config"
        content="{{ json_encode(App\Frame\Head::HTMX) }}"
    >
    <title>{{ $title }} · Bench Glow</title>
    <link
        rel="icon"
        href="/assets/mark.svg"
        type="image/svg+xml"
    >
    @foreach (App\Frame\Head::FONTS as $font)
        <link
            rel="preload"
            href="/assets/fonts/{{ $font }}-normal.woff2"
            as="font"
            type="font/woff2"
            crossorigin
        >
    @endforeach
    @foreach ($head->styles() as $style)
        <link
            rel="stylesheet"
            href="{{ $style }}"
        >
    @endforeach
    <noscript>
        <link
            rel="stylesheet"
            href="/assets/noscript.css"
        >
    </noscript>
    <script
        src="/assets/htmx.min.js"
        defer
    ></script>
    @foreach ($head->scripts() as $script)
        <script
            src="{{ $script }}"
            type="module"
        ></script>
    @endforeach
</head>
