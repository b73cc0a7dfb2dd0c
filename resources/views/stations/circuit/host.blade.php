    <h3>Host wires</h3>
    @foreach ($frame->analysis->build->wires as $id => $wire)
        <div
            class="says"
            data-part="{{ $id }}"
        ><x-blank
                :id="$id"
                field="label"
                label="Wire"
                size="16"
                :value="$wire->label"
            /><x-choose
                :id="$id"
                field="polarity"
                label="switched"
                :value="$wire->positive ? 'positive' : 'ground'"
                :options="['positive' => 'on the positive side', 'ground' => 'to ground']"
            /><x-blank
                :id="$id"
                field="live_when"
                op="set_when"
                label="live when"
                size="22"
                :value="$page->live($wire->liveWhen)"
            /><x-choose
                :id="$id"
                field="behaviour.kind"
                label="and is then"
                :value="$wire->behaviour"
                :options="[
                    'steady' => 'steady',
                    'flashing' => 'flashing',
                    'timed' => 'timed off',
                    'fading' => 'fading',
                ]"
            /><x-blank
                :id="$id"
                field="fuse_a"
                label="its fuse"
                size="6"
                :value="$page->amps($wire->fuseA)"
            /><x-blank
                :id="$id"
                field="max_a"
                label="good for"
                size="6"
                :value="$page->amps($wire->maxA)"
            /><x-choose
                :id="$id"
                field="tap"
                label="tapping"
                :value="$wire->tap"
                :options="['allowed' => 'allowed', 'ask' => 'ask first', 'never' => 'never']"
            /><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
                :aria-label="'Take out ' . $wire->label"
            >Take out</x-act>
            @if ($wire->loads !== [])
                <p class="hosts-loads">Its own:
                    {{ $page->loads($wire) }}
                </p>
            @endif
            <x-form
                op="add_load"
                :echo="'load-echo-' . $id"
                render="all"
                :with="['id' => $id]"
                class="adder-form"
            ><x-field
                    :id="'load-' . $id"
                    label="A load of its own"
                    name="label"
                    size="12"
                    placeholder="dome lamp"
                /><x-select
                    :id="'load-kind-' . $id"
                    label="kind"
                    name="kind"
                >
                    @foreach (['filament', 'resistive', 'led', 'coil', 'motor', 'electronics', 'unknown'] as $kind)
                        <option>{{ $kind }}</option>
                    @endforeach
                </x-select>
                <x-field
                    :id="'load-w-' . $id"
                    label="watts"
                    name="watts"
                    size="6"
                    placeholder="5 W"
                /><button class="button is-small">Add the load</button><span
                    class="echo"
                    id="load-echo-{{ $id }}"
                ></span></x-form>
        </div>
    @endforeach
    <x-form
        op="add_host_wire"
        echo="hw-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="hw-label"
            label="Another host wire"
            name="label"
            size="16"
            placeholder="Courtesy wire"
        /><x-select
            id="hw-pol"
            label="switched"
            name="polarity"
        >
            <option value="positive">on the positive side</option>
            <option value="ground">to ground</option>
        </x-select><x-field
            id="hw-when"
            label="live when"
            name="text"
            size="20"
            placeholder="lid up"
            list="inputs-said"
        /><x-select
            id="hw-beh"
            label="and is then"
            name="behaviour"
        >
            <option>steady</option>
            <option>flashing</option>
            <option>timed</option>
            <option>fading</option>
        </x-select><x-field
            id="hw-fuse"
            label="its fuse"
            name="fuse"
            size="6"
            placeholder="7.5 A"
        /><button class="button">Add the wire</button><span
            class="echo"
            id="hw-echo"
        ></span></x-form>
    <h3>Ways and grounds of the host</h3>
    @foreach ($frame->analysis->build->ways as $id => $item)
        <div
            class="says"
            data-part="{{ $id }}"
        ><x-blank
                :id="$id"
                field="label"
                label="Way"
                size="16"
                :value="$item->label"
            /><x-blank
                :id="$id"
                field="fuse_a"
                label="its fuse"
                size="6"
                :value="$page->amps($item->fuseA)"
            /><x-blank
                :id="$id"
                field="box_max_a"
                label="the box bears"
                size="6"
                :value="$page->amps($item->boxMaxA)"
            /><x-blank
                :id="$id"
                field="load_a"
                label="its own load"
                size="6"
                :value="$page->amps($item->loadA)"
            /><x-blank
                :id="$id"
                field="live_when"
                op="set_when"
                label="live when"
                size="18"
                :value="$page->live($item->liveWhen)"
            /><x-act
                :edit="new BenchGlow\Edit\SetField($id, 'comfort', !$item->comfort)"
                class="is-small"
            >{{ $item->comfort ? 'A comfort way' : 'No comfort way' }}: change</x-act><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
                :aria-label="'Take out ' . $item->label"
            >Take out</x-act></div>
    @endforeach
    <x-form
        op="add_host_way"
        echo="way-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="way-label"
            label="Another way"
            name="label"
            size="16"
            placeholder="Way 4, radio"
        /><x-select
            id="way-kind"
            label="kind"
            name="kind"
        >
            @foreach (['fuse_way', 'spare_way', 'panel_channel', 'bus_stud', 'post', 'outlet'] as $kind)
                <option value="{{ $kind }}">{{ str_replace('_', ' ', $kind) }}</option>
            @endforeach
        </x-select><x-field
            id="way-fuse"
            label="its fuse"
            name="fuse"
            size="6"
            placeholder="10 A"
        /><x-field
            id="way-load"
            label="its own load"
            name="load"
            size="6"
            placeholder="4 A"
        /><x-field
            id="way-when"
            label="live when"
            name="text"
            size="14"
            placeholder="always"
        /><label class="pick"><input
                type="checkbox"
                name="comfort"
                value="1"
                checked
            > comfort way</label><button class="button">Add the way</button><span
            class="echo"
            id="way-echo"
        ></span></x-form>
    @foreach ($frame->analysis->build->grounds as $id => $ground)
        <div class="says"><x-blank
                :id="$id"
                field="label"
                label="Ground"
                size="18"
                :value="$ground->label"
            /><x-choose
                :id="$id"
                field="surface"
                label="surface"
                :value="$ground->surface ?: 'unknown'"
                :options="[
                    'stud' => 'a stud',
                    'bare_metal' => 'bare metal',
                    'painted' => 'painted',
                    'unknown' => 'not looked',
                ]"
            /><x-choose
                :id="$id"
                field="fastens"
                label="it also holds"
                :value="$ground->fastens"
                :options="[
                    '' => 'nothing else',
                    'belt' => 'a belt',
                    'steering' => 'the steering',
                    'brake' => 'the brakes',
                    'fuel' => 'the fuel system',
                    'suspension' => 'the suspension',
                    'restraint' => 'a restraint system',
                    'bus_bar' => 'the bus bar itself',
                ]"
            /><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
            >Take out</x-act></div>
    @endforeach
    <x-form
        op="add_ground"
        echo="ground-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="gr-label"
            label="Another ground"
            name="label"
            size="18"
            placeholder="Stud behind the panel"
        /><x-select
            id="gr-surface"
            label="surface"
            name="surface"
        >
            <option value="stud">a stud</option>
            <option value="bare_metal">bare metal</option>
            <option value="painted">painted</option>
            <option value="unknown">not looked</option>
        </x-select><button class="button">Add the ground</button><span
            class="echo"
            id="ground-echo"
        ></span></x-form>
