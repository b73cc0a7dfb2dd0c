@php($devices = $page->devices())
@panel('stations.circuit.devices')
<details
    class="acts"
    @if ($frame->analysis->build->inputs === [] && $devices !== []) open @endif
>
    <summary>What acts on it: inputs, host wires, ways, loads</summary>
    <h2 class="is-sr-only">What acts on it</h2>
    @panel('stations.circuit.inputs')
    @panel('stations.circuit.host')
    <h3>What cannot happen together</h3>
    @foreach ($frame->document->fields()->objects('never') as $n => $never)
        <x-form
            op="drop_never"
            render="all"
            :with="['text' => $n]"
            class="act"
        >{{ BenchGlow\Quantity\Words::first($page->when($never->data)) }} <button class="button is-small">It
                can</button></x-form>
    @endforeach
    <x-form
        op="add_never"
        echo="never-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="never-when"
            label="Never"
            name="text"
            size="34"
            placeholder="aux lamp on and not headlamp on"
            list="inputs-said"
        /><button class="button">Add</button><span
            class="echo"
            id="never-echo"
        ></span></x-form>
</details>
