<div
    class="code-live"
    hx-get="{{ route('phone.code', [], false) }}"
    hx-trigger="every 2s"
    hx-include="find form"
    hx-swap="innerHTML"
    hx-target="find .code-now"
    hx-select="unset"
    hx-sync="this:drop"
>
    <form
        class="code-rights"
        method="get"
        action="{{ route('phone', [], false) }}"
        hx-get="{{ route('phone.code', [], false) }}"
        hx-trigger="change"
        hx-target="next .code-now"
        hx-select="unset"
        hx-swap="innerHTML"
        hx-include="this"
        hx-sync="this:replace"
    >
        <input
            type="hidden"
            name="to"
            value="{{ $page->to }}"
        >
        <fieldset>
            <legend>The next phone may</legend>
            @foreach (App\LocalNet\Right::GIVEN as $right => $words)
                <label class="pick"><input
                        type="radio"
                        name="rights"
                        value="{{ $right }}"
                        @checked($page->right->value === $right)
                    > {{ $words }}</label>
            @endforeach
            <noscript><button class="button is-small">So</button></noscript>
        </fieldset>
    </form>
    <div class="code-now">@include('phone.code')</div>
</div>
@php($print = $page->fingerprint())
@if ($print)
    <details class="trust">
        <summary>The phone warns once; compare before you go on</summary>
        <p>The bench signs for itself, so the phone does not know it yet. In the warning, look at the certificate: its
            SHA-256 fingerprint must begin with these. If it differs, somebody stands in between: do not go on.</p>
        <p class="figure print">{{ substr($print->hex(), 0, 47) }}</p>
        <p class="words">{{ implode(' ', $print->words()) }}</p>
        @if ($own = App\LocalNet\Fingerprint::ofAuthority())
            <p>Of the bench's own authority, which the phone may take in for good:</p>
            <p class="figure print">{{ substr($own->hex(), 0, 47) }}</p>
            <p class="words">{{ implode(' ', $own->words()) }}</p>
        @endif
        <p class="muted">The words say the first six pairs. To have no warning again, take the bench's own authority
            into the
            phone: once it is let in, under This phone. Says the phone that the certificate is not valid yet, its clock
            differs from this one ({{ App\Support\WallClock::now()->format('Y-m-d H:i') }}).</p>
    </details>
@endif
@include('phone.devices')
<x-sheet-form
    :to="route('phone.close', [], false)"
    :page="$page"
><button class="button">Close the bench to the net</button></x-sheet-form>
