<x-form
    op="add_supply"
    echo="supply-echo"
    render="all"
    class="says"
>
    <x-select
        id="as-supply"
        label="Supply"
        name="supply"
        :options="App\View\Shelf::supplies()"
    />
    <button class="button is-primary">Add the supply</button><span
        class="echo"
        id="supply-echo"
    ></span>
</x-form>
