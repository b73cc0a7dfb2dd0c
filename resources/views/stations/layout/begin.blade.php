<details
    class="layout-more"
    @if ($page->laid === null) open @endif
>
    <summary>Lay out something else</summary>
    <x-form
        op="add_layout"
        echo="add-layout-echo"
        render="all"
        class="says"
        :to="$frame->toEditAt(['lay' => ''])"
    >
        <x-select
            id="add-kind"
            label="Lay out"
            name="kind"
            :options="App\Stations\Layout\Forms\AddLayoutForm::KINDS"
        />
        <x-select
            id="add-light"
            label="for"
            name="light"
            :options="['' => 'no light'] +
                collect($frame->lights())->mapWithKeys(fn($l) => [$l->id => $l->label])->all()"
        />
        <x-field
            id="add-label"
            label="called"
            name="label"
            size="16"
        />
        <x-field
            id="add-wide"
            label="a piece is wide"
            name="wide"
            size="7"
            placeholder="0.6 m"
        />
        <x-field
            id="add-high"
            label="and high"
            name="high"
            size="7"
            placeholder="0.1 m"
        />
        <button class="button">Begin it</button><span
            class="echo"
            id="add-layout-echo"
        ></span></x-form>
</details>
