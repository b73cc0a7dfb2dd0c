<x-form
    op="add_wires"
    echo="add-wires-echo"
    render="all"
    class="says"
    :to="$frame->toEditAt(['hand' => '', 'wire' => '', 'way' => ''])"
>
    <x-field
        id="add-count"
        label="Wires"
        name="count"
        size="4"
        inputmode="numeric"
    />
    <x-select
        id="add-spot"
        label="come out"
        name="spot"
        :options="App\Stations\Probe\Forms\AddWiresForm::SPOTS"
    />
    <x-field
        id="add-label"
        label="called"
        name="label"
        size="20"
        placeholder="stern lamp plug"
    />
    <x-select
        id="add-rows"
        label="side by side"
        name="rows"
        :options="['1' => 'one', '2' => 'two', '3' => 'three']"
    />
    <button class="button is-primary">Lay them out</button><span
        class="echo"
        id="add-wires-echo"
    ></span></x-form>
<p class="caution">Restraint, engine and mains wiring is never touched: yellow or orange sheaths, anything at a belt or
    an airbag. Reach the contacts from the back of the plug, or at a lamp or relay that is taken out. A test lamp draws
    0.25 A; the meter draws nothing.</p>
