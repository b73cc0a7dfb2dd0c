<h1>The lamp room</h1>
<x-form
    op="say_lamp"
    echo="lamp-echo"
    render="all"
>
    <x-field
        id="lamp-text"
        label="Say"
        name="text"
    />
    <span id="lamp-echo"></span>
</x-form>
