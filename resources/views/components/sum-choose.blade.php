@props(['sum', 'name', 'label', 'options'])
<x-select
    :id="'s-' . $name"
    :label="$label"
    :name="$name"
>
    @foreach ($options as $key => $text)
        <option
            value="{{ $key }}"
            @selected($sum->typed[$name] === (string) $key)
        >{{ $text }}</option>
    @endforeach
</x-select>
