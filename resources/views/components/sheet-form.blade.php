{{-- A form of the sheet Hold it on the phone: its answer takes the sheet's place. --}}
@props(['to', 'page'])
<form
    method="post"
    action="{{ $to }}"
    hx-post="{{ $to }}"
    hx-target="#phone-in"
    hx-select="#phone-sheet"
    hx-swap="innerHTML"
    hx-sync="this:drop"
    hx-include="this"
    {{ $attributes }}
>
    @csrf
    <input
        type="hidden"
        name="to"
        value="{{ $page->to }}"
    >
    {{ $slot }}
</form>
