{{-- On every page, while others on the local net can reach the bench. --}}
@php($opening = App\LocalNet\Opening::now())
<div id="net-bar">
    @if ($opening && App\LocalNet\Visitor::isBench())
        <aside
            class="net-bar"
            aria-label="The local net"
        >
            <span><b>Open to the local net</b> {{ $opening->untilWords() }} at <span
                    class="figure">{{ $opening->where() }}</span></span>
            <form
                method="post"
                action="{{ route('phone.close', [], false) }}"
            >@csrf<input
                    type="hidden"
                    name="here"
                    value="1"
                ><button class="plain">Close it</button></form>
            <a
                class="plain"
                href="{{ route('phone', [], false) }}"
                data-open="phone"
            >Hold it on the phone</a>
            <label class="net-follow"><input
                    type="checkbox"
                    data-follows
                > Show what the phone shows</label>
        </aside>
    @endif
</div>
