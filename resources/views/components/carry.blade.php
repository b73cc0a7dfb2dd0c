{{-- Fields of the address that a form takes along. --}}
@props(['all'])
@foreach ($all as $name => $value)
    <input
        type="hidden"
        name="{{ $name }}"
        value="{{ $value }}"
    >
@endforeach
