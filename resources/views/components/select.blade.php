@props(['id', 'label', 'options' => [], 'value' => null])
<span class="blank">
    <label for="{{ $id }}">{{ $label }}</label>
    <select
        class="typed"
        id="{{ $id }}"
        {{ $attributes }}
    >
        <x-options
            :options="$options"
            :value="$value"
        />
        {{ $slot }}
    </select>
</span>
