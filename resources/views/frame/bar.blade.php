@php($begins = Illuminate\Support\Facades\Gate::allows('reach', 'builds.store'))
<header class="top">
    <a
        class="brand"
        href="{{ route('wall', [], false) }}"
        aria-label="Bench Glow, the builds wall"
    ><x-mark /> <span>Bench Glow</span></a>
    @isset($frame)
        @include('frame.headline')
    @endisset
    <nav
        class="tools"
        aria-label="Tools"
    >
        <a
            class="plain begin"
            href="{{ route('wall', [], false) }}{{ $begins ? '#place' : '' }}"
            data-key="b"
        >{{ $begins ? 'Start a build' : 'The wall' }} <kbd>B</kbd></a>
        <a
            class="plain"
            href="{{ route('sums', [], false) }}"
            data-key="q"
        >Quick sums <kbd>Q</kbd></a>
        @isset($frame)
            <a
                class="plain"
                href="{{ route('find', $frame->build, false) }}"
                data-key="/"
            >Find <kbd>/</kbd></a>
        @endisset
        @if (App\LocalNet\Visitor::isBench())
            <a
                class="plain"
                href="{{ route('bench.show', [], false) }}"
                role="button"
                data-open="bench-settings"
            >Bench</a>
        @else
            <a
                class="plain"
                href="{{ route('phone.mine', [], false) }}"
            >This {{ App\LocalNet\Visitor::now()?->kind }}</a>
        @endif
        <a
            class="plain"
            href="{{ route('guide', $guidePage, false) }}"
            data-open="keys"
            data-key="g"
            aria-label="Guide and keys"
        ><span class="ask">?</span></a>
    </nav>
</header>
@include('phone.bar')
@if (App\LocalNet\Visitor::isBench())
    <dialog
        id="bench-settings"
        class="sheet-dialog"
        aria-labelledby="bench-h"
    >
        <h2 id="bench-h">This bench</h2>
        @include('frame.bench_form', ['page' => false])
    </dialog>
    @include('phone.dialog')
@endif
<dialog
    id="keys"
    class="sheet-dialog wide"
    aria-labelledby="keys-h"
>
    <div
        class="guide-text"
        hx-get="{{ route('guide', $guidePage, false) }}"
        hx-select="#guide-text > *"
        hx-swap="innerHTML"
        hx-trigger="opened once"
        hx-include="unset"
        hx-sync="this:drop"
    >
    </div>
    <p><a
            class="whole-guide"
            href="{{ route('guide', $guidePage, false) }}"
        >All of the guide</a></p>
    <h2 id="keys-h">Keys</h2>
    <dl class="keys">
        @foreach (App\Frame\Keys::of($stations) as $k => $does)
            <dt><kbd>{{ $k }}</kbd></dt>
            <dd>{{ $does }}</dd>
        @endforeach
    </dl>
    <p>Keys are ignored while you type in a field. Switch them off under Bench.</p>
    <button
        class="button"
        type="button"
        data-close
    >Close</button>
</dialog>
