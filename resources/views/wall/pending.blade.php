<li
    class="hangs pending"
    hx-get="{{ route('card', $card->build, false) }}"
    hx-trigger="load"
    hx-swap="outerHTML"
    hx-sync="#hung:queue all"
>
    <a href="{{ $card->url() }}">
        <span
            class="string"
            aria-hidden="true"
        ></span>
        <h2>{{ $card->build->title }}</h2>
        <p class="muted">It is being solved.</p>
    </a>
</li>
