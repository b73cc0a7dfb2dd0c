@props(['id', 'label', 'value' => ''])
<span class="blank">
    <label for="{{ $id }}">{{ $label }}</label>
    <input
        class="typed"
        id="{{ $id }}"
        {{ $attributes }}
        value="{{ $value }}"
        autocomplete="off"
    >
</span>
