@php($lux = $page?->tipLux())
<b>{{ $lux === null ? 'Layout' : BenchGlow\Quantity\Shown::plain($lux, 0) . ' lx' }}</b>
