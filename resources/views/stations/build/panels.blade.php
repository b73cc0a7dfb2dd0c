<details class="layout-more">
    <summary>Something of the host comes off</summary>
    <x-form
        op="panel"
        echo="panel-echo"
        render="all"
        class="says"
    >
        <x-field
            id="panel-label"
            label="It is called"
            name="label"
            size="16"
        />
        <x-field
            id="panel-off"
            label="it comes off"
            name="off"
            size="20"
            placeholder="pull straight up"
        />
        <x-field
            id="panel-wire"
            label="on it hangs"
            name="wire"
            size="12"
        />
        <label><input
                type="checkbox"
                name="unplug"
                value="1"
            > and is unplugged</label>
        <label><input
                type="checkbox"
                name="needed"
                value="1"
            > the host is not used without it</label>
        <fieldset class="on-it">
            <legend>It gives</legend>
            @foreach ([...$page->plan->build->places, ...$page->plan->build->routes] as $id => $thing)
                <label><input
                        type="checkbox"
                        name="gives[]"
                        value="{{ $id }}"
                    > {{ $thing->label }}</label>
            @endforeach
        </fieldset>
        @if ($page->plan->build->panels !== [])
            <fieldset class="on-it">
                <legend>Off before it</legend>
                @foreach ($page->plan->build->panels as $id => $other)
                    <label><input
                            type="checkbox"
                            name="behind[]"
                            value="{{ $id }}"
                        > {{ $other->label }}</label>
                @endforeach
            </fieldset>
        @endif
        <button class="button">It comes off</button><span
            class="echo"
            id="panel-echo"
        ></span>
    </x-form>
</details>
