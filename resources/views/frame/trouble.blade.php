@if ($oob)
    <p
        id="refused"
        class="refused"
        hx-swap-oob="true"
    ><span
            class="wrong"
            role="alert"
        >A part of this page can't be shown: {{ $trouble->sentence }} (number {{ $trouble->number }})</span></p>
@else
    <div
        class="trouble"
        role="alert"
    >
        <p>This part can't be shown. {{ $trouble->sentence }}</p>
        <p class="muted">Number {{ $trouble->number }} in the log. Take back the newest change, or go on elsewhere.</p>
    </div>
@endif
