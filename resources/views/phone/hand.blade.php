{{-- $to: the page that goes into the hand; $what: what it is called --}}
@if (App\LocalNet\Visitor::isBench())
    <div class="hand-phone">
        <a
            class="plain"
            href="{{ route('phone', ['to' => $to], false) }}"
            data-open="phone"
        >Hold it on the phone</a>
        @if (App\LocalNet\Opening::now())
            @foreach (App\LocalNet\Devices::atHand() as $device)
                <form
                    method="post"
                    action="{{ route('phone.send', $device, false) }}"
                >@csrf<input
                        type="hidden"
                        name="to"
                        value="{{ $to }}"
                    ><input
                        type="hidden"
                        name="words"
                        value="{{ $what }}"
                    ><button class="plain">Send {{ $what }} to {{ $device->name }}</button></form>
            @endforeach
        @endif
    </div>
@endif
