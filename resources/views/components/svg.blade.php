@props(['drawing', 'id'])
<svg
    {{ $attributes->class('drawing') }}
    role="img"
    aria-labelledby="{{ $id }}-t {{ $id }}-d"
    viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}"
    width="{{ $drawing->width }}"
    height="{{ $drawing->height }}"
>
    <title id="{{ $id }}-t">{{ $drawing->title }}</title>
    <desc id="{{ $id }}-d">{{ $drawing->description }}</desc>{!! BenchGlow\Drawing\Svg::shapes($drawing->shapes) !!}
</svg>
