@props(['options', 'value' => null])
@foreach ($options as $key => $text)
    @if (is_array($text))
        <optgroup label="{{ $key }}">
            <x-options
                :options="$text"
                :value="$value"
            />
        </optgroup>
    @else
        <option
            value="{{ $key }}"
            @selected($value !== null && (string) $key === (string) $value)
        >{{ $text }}</option>
    @endif
@endforeach
