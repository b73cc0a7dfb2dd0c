{{-- $id: of the fields; $with: what it is bound to; $things: id => name, where it is chosen here --}}
<x-form
    op="photo"
    :echo="$id . '-echo'"
    render="all"
    :with="$with"
    :to="$frame->to('build.photo')"
    class="says"
    enctype="multipart/form-data"
    hx-encoding="multipart/form-data"
>
    <label for="{{ $id }}-file">Picture</label>
    <input
        type="file"
        id="{{ $id }}-file"
        name="photo"
        accept="image/jpeg,image/png,image/webp"
        capture="environment"
        data-most="{{ App\Store\Photos::MOST_BYTES }}"
    >
    @isset($things)
        <label for="{{ $id }}-about">of</label>
        <span class="select"><select
                class="typed"
                id="{{ $id }}-about"
                name="about"
            >
                @foreach ($things as $thing => $name)
                    <option value="{{ $thing }}">{{ $name }}</option>
                @endforeach
            </select></span>
    @else
        <x-field
            :id="$id . '-note'"
            label="of"
            name="note"
            size="20"
        />
    @endisset
    <button class="button">Keep it</button><span
        class="echo"
        id="{{ $id }}-echo"
    ></span>
</x-form>
