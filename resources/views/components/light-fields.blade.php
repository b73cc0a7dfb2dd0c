@props(['prefix'])
<x-field
    :id="$prefix . '-label'"
    label="Name"
    name="label"
    size="16"
    :value="old('label')"
    placeholder="Galley shelf"
/>
<x-field
    :id="$prefix . '-amount'"
    label="Length or count"
    name="amount"
    size="9"
    :value="old('amount')"
    :placeholder="App\View\Shelf::lengthExample($frame->preference)"
/>
<x-select
    :id="$prefix . '-part'"
    label="of"
    name="part"
    :options="App\View\Shelf::everything($frame->document)"
/>
@if (count($frame->analysis->build->supplies) > 1)
    <x-select
        :id="$prefix . '-supply'"
        label="from"
        name="supply"
        :options="array_map(fn($s) => $s->label, $frame->analysis->build->supplies)"
    />
@endif
