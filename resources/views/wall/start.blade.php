{{-- A new build: question one and its button stand alone, the others fold out; an example or a file beside them. --}}
@php($asked = session('refused') !== null || old('place') !== null)
<section
    class="start"
    id="start"
    aria-labelledby="start-h"
>
    <form
        class="five"
        method="post"
        action="{{ route('builds.store', [], false) }}"
    >@csrf
        <div class="says start-one">
            <h2 id="start-h">Start a build</h2>
            <x-select
                id="place"
                label="Where will it glow? On a"
                name="place"
                :hx-get="route('start.parts', [], false)"
                hx-target="#parts-fit"
                hx-swap="outerHTML"
                hx-include="#place, #supply"
                hx-trigger="change"
            >
                <option value="">skip</option>
                @foreach (App\View\Shelf::places() as $key => $text)
                    <option
                        value="{{ $key }}"
                        @selected(old('place') === $key)
                    >{{ $text }}</option>
                @endforeach
            </x-select>
            <x-field
                id="title"
                label="called"
                name="title"
                size="18"
                :value="old('title')"
                placeholder="Heron"
            />
            <button class="button is-primary">Start a build</button>
        </div>
        <details
            class="four-more"
            @if ($asked) open @endif
        >
            <summary>Four more questions: each may be skipped</summary>
            <fieldset>
                <legend><b>2</b> What feeds it?</legend><x-select
                    id="supply"
                    label="fed by"
                    name="supply"
                    :hx-get="route('start.parts', [], false)"
                    hx-target="#parts-fit"
                    hx-swap="outerHTML"
                    hx-include="#place, #supply"
                    hx-trigger="change"
                >
                    <option value="">skip: what is usual there</option>
                    @foreach (App\View\Shelf::supplies() as $key => $text)
                        <option
                            value="{{ $key }}"
                            @selected(old('supply') === $key)
                        >{{ $text }}</option>
                    @endforeach
                </x-select>
            </fieldset>
            <fieldset>
                <legend><b>3</b> What glows?</legend><x-field
                    id="glows"
                    label="of (some letters find it)"
                    name="part"
                    size="34"
                    list="parts-fit"
                    :value="old('part')"
                    placeholder="skip: a warm strip"
                />
                @include('wall.parts', [
                    'parts' => App\View\Shelf::fitting(
                        App\Support\StartForm::volts((string) old('place'), (string) old('supply'))),
                ])
                <x-field
                    id="amount"
                    label="length or count"
                    name="amount"
                    size="9"
                    :value="old('amount')"
                    placeholder="1 m"
                /><x-field
                    id="light-label"
                    label="named"
                    name="label"
                    size="16"
                    :value="old('label')"
                    placeholder="Galley shelf"
                />
            </fieldset>
            <fieldset>
                <legend><b>4</b> When?</legend><x-select
                    id="when"
                    label="it glows"
                    name="when"
                >
                    @foreach (App\Support\StartWhen::WORDS as $key => $text)
                        <option
                            value="{{ $key }}"
                            @selected(old('when') === $key)
                        >{{ $text }}</option>
                    @endforeach
                </x-select>
            </fieldset>
            <fieldset>
                <legend><b>5</b> What must it put up with?</legend><label class="pick"><input
                        type="checkbox"
                        name="no_drill"
                        value="1"
                        @checked(old('no_drill'))
                    > no drilling</label><x-field
                    id="comes-apart"
                    label="comes apart at"
                    name="comes_apart"
                    size="14"
                    :value="old('comes_apart')"
                /><x-field
                    id="wet"
                    label="wet at"
                    name="wet"
                    size="14"
                    :value="old('wet')"
                /><x-field
                    id="budget"
                    label="budget"
                    name="budget"
                    size="8"
                    :value="old('budget')"
                    placeholder="60"
                />
            </fieldset>
        </details>
    </form>
    <details class="start-from">
        <summary>From an example, or a build file</summary>
        <form
            method="post"
            action="{{ route('builds.example', [], false) }}"
        >@csrf<div class="says"><x-select
                    id="example"
                    label="From an example"
                    name="example"
                    :options="App\Store\Demo::titles()"
                /><button class="button">Start from it</button></div>
        </form>
        <form
            method="post"
            action="{{ route('builds.import', [], false) }}"
            enctype="multipart/form-data"
        >@csrf<div class="says"><x-field
                    id="file"
                    label="From a build file"
                    name="file"
                    type="file"
                    accept=".json,application/json"
                /><button class="button">Read it in</button></div>
        </form>
    </details>
    <p class="start-from"><a href="{{ route('practice', [], false) }}">Practise naming a host's wires</a></p>
</section>
