<div class="says sizes">
    @foreach ($fields as $field => $label)
        @php($fact = BenchGlow\Format\FormatOne::field('layouts', $page->laid->kind, $field))
        @php($is = $page->laid->fields->numberOrNull($field))
        @include('stations.layout.size', [
            'box' => "at-{$field}",
            'field' => $field,
            'label' => $label,
            'value' =>
                $is === null || $fact->unit === null
                    ? ''
                    : BenchGlow\Quantity\Shown::forField($fact->unit, $is, $frame->preference->units),
        ])
    @endforeach
</div>
