{{-- $id: of the fields; $with: what it is bound to --}}
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
    <x-field
        :id="$id . '-note'"
        label="of"
        name="note"
        size="20"
    />
    <button class="button">Keep it</button><span
        class="echo"
        id="{{ $id }}-echo"
    ></span>
</x-form>
