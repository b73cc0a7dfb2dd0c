<details
    class="wants"
    @if ($frame->circuit->wants === []) open @endif
>
    <summary>What should glow, and when ({{ count($frame->circuit->wants) }})</summary>
    <p class="muted">For a lamp the first line that holds counts; none holds: it should be dark.</p>
    @foreach ($frame->circuit->wants as $n => $want)
        <div class="says"><span class="lead-name">{{ $n + 1 }}.</span>
            <x-blank
                :id="$want->id"
                field="glow"
                op="set_glow"
                label="What"
                size="18"
                :value="implode(', ', array_map($frame->names()->name(...), $want->glow))"
            />
            <x-blank
                :id="$want->id"
                field="when"
                op="set_when"
                label="when"
                size="28"
                :value="BenchGlow\Build\WhenText::say($want->when->data, $frame->document)"
            />
            <x-choose
                :id="$want->id"
                field="level"
                label="how bright"
                :value="$want->level"
                :options="['on' => 'on', 'low' => 'low', 'high' => 'bright', 'free' => 'as it likes']"
            />
            <x-act
                :edit="new BenchGlow\Edit\SetField($want->id, 'flash', !$want->flash)"
                class="is-small"
            >{{ $want->flash ? 'Flashes: let it be steady' : 'Steady: let it flash' }}</x-act>
            @if ($n > 0)
                <x-act
                    :edit="new BenchGlow\Edit\MoveItem($want->id, $frame->circuit->wants[$n - 1]->id)"
                    class="is-small"
                    :aria-label="'Earlier: line ' . ($n + 1)"
                >Earlier</x-act>
            @endif
            <x-act
                :edit="new BenchGlow\Edit\RemoveItem($want->id)"
                class="is-small"
                :aria-label="'Take out line ' . ($n + 1)"
            >Take out</x-act>
        </div>
    @endforeach
    <x-form
        op="add_want"
        echo="want-echo"
        render="all"
        :with="['circuit' => $frame->circuit->id]"
        class="adder-form"
    >
        <x-field
            id="want-glow"
            label="Another lamp"
            name="glow"
            size="18"
            placeholder="all of them"
        />
        <x-field
            id="want-when"
            label="glows when"
            name="text"
            size="28"
            placeholder="lid up and not dusk"
            list="inputs-said"
        />
        <x-select
            id="want-level"
            label="how bright"
            name="level"
        >
            <option value="on">on</option>
            <option value="low">low</option>
            <option value="high">bright</option>
            <option value="free">as it likes</option>
        </x-select>
        <label class="pick"><input
                type="checkbox"
                name="flash"
                value="1"
            > flashing</label>
        <button class="button is-primary">Add the line</button><span
            class="echo"
            id="want-echo"
        ></span></x-form>
    <datalist id="inputs-said">
        @foreach ($frame->document->fields()->objects('inputs') as $input)
            @foreach ($frame->analysis->build->positions($input->text('id')) as $position)
                <option
                    value="{{ BenchGlow\Quantity\Words::within($frame->names()->name($input->text('id'))) }} {{ $position }}"
                ></option>
            @endforeach
        @endforeach
    </datalist>
</details>
