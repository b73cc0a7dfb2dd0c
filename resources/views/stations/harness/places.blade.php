<section class="loom-part">
    <details
        class="layout-more"
        @if (!$page->isLaid()) open @endif
    >
        <summary>Places ({{ count($page->places()) }})</summary>
        <ul class="place-rows">
            @foreach ($page->list->build->places as $id => $place)
                <li class="says">
                    <x-form
                        op="set"
                        :echo="'pl-' . $id . '-echo'"
                        on-change
                        render="all"
                        :with="['id' => $id, 'field' => 'label']"
                        class="blank"
                    >
                        <label
                            for="pl-{{ $id }}"
                            class="is-sr-only"
                        >Name of the place</label>
                        <input
                            class="typed"
                            id="pl-{{ $id }}"
                            name="text"
                            value="{{ $place->label }}"
                            size="18"
                            autocomplete="off"
                        ><span
                            class="echo"
                            id="pl-{{ $id }}-echo"
                        ></span></x-form>
                    <x-choose
                        :id="$id"
                        field="wet"
                        label="it is"
                        :value="$place->wet"
                        :options="App\Stations\Harness\Choices::WET"
                        whole
                    />
                    <x-choose
                        :id="$id"
                        field="access"
                        label="reached"
                        :value="$place->access"
                        :options="App\Stations\Harness\Choices::ACCESS"
                        whole
                    />
                    <x-form
                        op="set"
                        :echo="'re-' . $id . '-echo'"
                        on-change
                        render="all"
                        :with="['id' => $id, 'field' => 'reach_m']"
                        class="blank"
                    >
                        <label for="re-{{ $id }}">reach</label>
                        <input
                            class="typed"
                            id="re-{{ $id }}"
                            name="text"
                            value="{{ $frame->length($place->reachM) }}"
                            size="6"
                            autocomplete="off"
                        ><span
                            class="echo"
                            id="re-{{ $id }}-echo"
                        ></span></x-form>
                    @if ($page->list->build->carriers !== [])
                        <x-choose
                            :id="$id"
                            field="carrier"
                            label="on"
                            :value="$place->carrier ?? ''"
                            :options="['' => 'what stays'] +
                                array_map(fn($c) => $c->label, $page->list->build->carriers)"
                            whole
                        />
                    @endif
                    <x-form
                        op="remove"
                        render="all"
                        :with="['id' => $id]"
                        class="act"
                    ><button class="button is-small">Take it away</button></x-form>
                </li>
            @endforeach
        </ul>
        <x-form
            op="add_place"
            echo="place-echo"
            render="all"
            class="says"
        >
            <x-field
                id="place-label"
                label="A place more"
                name="label"
                size="16"
                placeholder="behind the seat"
            />
            <x-select
                id="place-beside"
                label="reached from"
                name="beside"
                :options="['' => 'nowhere yet'] + $page->places()"
            />
            <x-field
                id="place-far"
                label="so far"
                name="far"
                size="7"
                placeholder="1.2 m"
            />
            <x-select
                id="place-thing"
                label="there sits"
                name="thing"
                :options="['' => 'nothing yet'] + $page->things()"
            />
            <button class="button">Put it there</button><span
                class="echo"
                id="place-echo"
            ></span></x-form>
        @if (count($page->places()) > 1)
            <x-form
                op="add_stretch"
                echo="stretch-echo"
                render="all"
                class="says"
            >
                <x-select
                    id="stretch-from"
                    label="A stretch from"
                    name="from"
                    :options="$page->places()"
                />
                <x-select
                    id="stretch-to"
                    label="to"
                    name="to"
                    :options="$page->places()"
                />
                <x-field
                    id="stretch-long"
                    label="so long"
                    name="long"
                    size="7"
                />
                <button class="button">It goes there</button><span
                    class="echo"
                    id="stretch-echo"
                ></span></x-form>
        @endif
    </details>
</section>
