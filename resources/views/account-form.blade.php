<form method="post" action="{{ $action }}" class="space-y-4" novalidate>
    @csrf
    @include('field', ['name' => 'name', 'label' => 'The name you teach under', 'autocomplete' => 'name', 'first' => true])
    @include('field', ['name' => 'email', 'label' => 'E-mail', 'type' => 'email', 'autocomplete' => 'username'])
    @include('field', ['name' => 'password', 'label' => 'Password, ten letters or more', 'type' => 'password', 'autocomplete' => 'new-password'])
    @include('field', ['name' => 'password_confirmation', 'label' => 'The same password again', 'type' => 'password', 'autocomplete' => 'new-password'])
    <button class="button button-main w-full">Make the account</button>
</form>
